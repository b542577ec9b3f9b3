import type { Curve, Program, ProportionalFunction } from '@/api/types'
import { isStepped } from '@/api/types'
import { workbench } from '@/api/workbench'

export function changeCurve(id: string, change: Partial<Curve>, note: string) {
  workbench.edit((document) => {
    const curve = document.curves?.[id]
    return curve ? { ...document, curves: { ...document.curves, [id]: { ...curve, ...change } } } : document
  }, note)
}

const freeName = (document: Program, stem: string): string => {
  let id = stem
  for (let number = 2; document.curves?.[id]; number++) id = `${stem.slice(0, 34)}-${number}`
  return id
}

/** Puts a new curve, or a copy of one, on a function in a phase; gives its id. */
export function newCurve(
  document: Program,
  fn: ProportionalFunction,
  phase: string,
  curve: Curve,
  stem: string,
): string {
  const id = freeName(document, stem)
  workbench.edit(
    (now) => ({
      ...now,
      curves: { ...now.curves, [id]: curve },
      functions: (now.functions ?? []).map((one) => {
        if (one.id !== fn.id || isStepped(one)) return one
        const { expo: _expo, ...shape } = one.shape?.[phase] ?? one.shape?.[now.phases?.[0]?.id ?? ''] ?? {}
        return { ...one, shape: { ...one.shape, [phase]: { ...shape, curve: id } } }
      }),
    }),
    `Curve ${id} for ${fn.name}`,
  )
  return id
}

/** Who else uses a curve than a function in a phase: "Throttle, Calm". */
export function otherUsersOf(document: Program, id: string, here: string, inPhase: string): string[] {
  const phases = document.phases ?? []
  const users: string[] = []
  for (const fn of document.functions ?? []) {
    if (isStepped(fn)) continue
    for (const [phase, shape] of Object.entries(fn.shape ?? {})) {
      const name = phases.find((one) => one.id === phase)?.name ?? phase
      if (shape.curve === id && !(fn.id === here && phase === inPhase))
        users.push(phases.length > 1 ? `${fn.name}, ${name}` : fn.name)
    }
  }
  for (const output of document.outputs ?? []) {
    if ((output.feeds ?? []).some((feed) => feed.curve === id)) users.push(`a feed of ${output.name}`)
  }
  return users
}

export function removeCurve(id: string) {
  workbench.edit((document) => {
    const { [id]: _gone, ...curves } = document.curves ?? {}
    return { ...document, curves }
  }, `Removed curve ${id}`)
}
