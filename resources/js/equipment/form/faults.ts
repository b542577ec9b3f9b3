import type { ErrorSchema, RJSFSchema, ValidatorType } from '@rjsf/utils'

export type Fault = { path: string; says: string }

/** "controls[2].place" as the keys that lead there. */
const keys = (path: string) => path.split(/[.[\]]+/).filter((key) => key !== '')

/** Faults of the core, each beside its field. */
export function beside(faults: Fault[]): ErrorSchema {
  const root: ErrorSchema = {}
  for (const { path, says } of faults) {
    let at = root as Record<string, ErrorSchema>
    for (const key of keys(path)) {
      at[key] ??= {}
      at = at[key] as Record<string, ErrorSchema>
    }
    const end = at as ErrorSchema
    end.__errors = [...(end.__errors ?? []), says]
  }
  return root
}

type Alternative = { properties?: Record<string, { const?: unknown; enum?: unknown[] }> }

/** The core judges a definition; here a schema only has to be told from its alternatives. */
export const noJudge: ValidatorType = {
  validateFormData: () => ({ errors: [], errorSchema: {} }),
  rawValidation: () => ({ errors: [] }),
  isValid: (schema: RJSFSchema, value: Record<string, unknown> | undefined) =>
    Object.entries((schema as Alternative).properties ?? {}).every(([key, rule]) => {
      if (rule.const !== undefined) return value?.[key] === rule.const
      return rule.enum === undefined || value?.[key] === undefined || rule.enum.includes(value[key])
    }),
}
