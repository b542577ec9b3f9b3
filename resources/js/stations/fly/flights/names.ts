import { isStepped, type Program } from '@/api/types'
import { capital } from '@/parts/words'

/** What lanes of a flight are called: functions, steps, phases and calls of a program. */
export function callNames(document: Program): Record<string, string> {
  const functions = document.functions ?? []
  const steps = functions
    .filter(isStepped)
    .flatMap((fn) => fn.steps.map((step) => [`${fn.id} ${step.id}`, step.name ?? capital(step.id)] as const))
  return Object.fromEntries([
    ['phase', 'Phase'],
    ...functions.map((one) => [one.id, one.name] as const),
    ...(document.phases ?? []).map((one) => [`phase ${one.id}`, one.name] as const),
    ...steps,
    ...(document.sense?.calls ?? []).map((one) => [one.id, one.name ?? one.id] as const),
  ])
}
