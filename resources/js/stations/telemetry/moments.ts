import { type Aircraft, type Call, isStepped, type Program } from '@/api/types'
import type { Option } from '@/parts/Choice'
import { capital } from '@/parts/words'

/** When something may speak or run, as far as it can be chosen from a list. */
export function moments(document: Program, aircraft: Aircraft): Option[] {
  const phases = (document.phases ?? []).map((one) => ({ id: `phase ${one.id}`, name: one.name, group: 'in a phase' }))
  const steps = (document.functions ?? []).filter(isStepped).flatMap((fn) =>
    fn.steps.map((step) => ({
      id: `step ${fn.id} ${step.id}`,
      name: `${fn.name}: ${step.name ?? capital(step.id)}`,
      group: 'while switched',
    })),
  )
  const hand = aircraft.transmitterDefinition.controls.flatMap((control) =>
    control.detents.map((detent) => ({
      id: `at ${control.id} ${detent}`,
      name: `${control.name} ${detent}`,
      group: 'by hand',
    })),
  )
  return [...phases, ...steps, ...hand]
}

/** The choice that a condition is, where it is one of them. */
export function asMoment(when: Call['when'] | undefined): string {
  if (when === undefined || typeof when === 'string') return ''
  if ('phase' in when) return `phase ${when.phase}`
  if ('at' in when) return `at ${when.control} ${when.at}`
  return 'step' in when ? `step ${when.step.join(' ')}` : ''
}

/** The condition of a choice. */
export function ofMoment(id: string): Call['when'] {
  const [kind, first = '', second = ''] = id.split(' ')
  if (kind === 'at') return { control: first, at: second }
  return kind === 'phase' ? { phase: first } : { step: [first, second] }
}
