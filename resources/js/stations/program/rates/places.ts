import { useFrame } from '@/api/live'
import type { Program, ProportionalFunction, Shape } from '@/api/types'
import { changeFunction } from '../edits'

/** Where a shape of a function stands: in a phase, or in a dual rate. */
export type Place = {
  id: string
  name: string
  phase: string | null
  rate: number | null
  shape: Shape
  /** False where it takes the first phase's. */
  own: boolean
  /** The function answers by it now. */
  live: boolean
}

/** The phase that is active, and the dual rate that shapes the function in view. */
type Now = { phase: string | null; rate: number | null }

export function useNow(): Now {
  const phase = useFrame((frame) => frame.phase)
  const rate = useFrame((frame) => frame.dot?.rate) ?? null
  return { phase, rate }
}

/** Phases first, then dual rates, each by the condition that it hangs on in words. */
export function placesOf(document: Program, fn: ProportionalFunction, words: string[], now: Now): Place[] {
  const phases = document.phases ?? [{ id: 'main', name: 'Main' }]
  const first = fn.shape?.[phases[0]?.id ?? ''] ?? {}
  return [
    ...phases.map((phase) => ({
      id: `phase:${phase.id}`,
      name: phase.name,
      phase: phase.id,
      rate: null,
      shape: fn.shape?.[phase.id] ?? first,
      own: fn.shape?.[phase.id] !== undefined,
      live: now.rate === null && now.phase === phase.id,
    })),
    ...(fn.dualRates ?? []).map(({ when: _when, ...shape }, rate) => ({
      id: `rate:${rate}`,
      name: words[(fn.override ?? []).length + rate] ?? `Dual rate ${rate + 1}`,
      phase: null,
      rate,
      shape,
      own: true,
      live: now.rate === rate,
    })),
  ]
}

/** A function with another shape at a place. */
export function shapedAt(fn: ProportionalFunction, place: Place, shape: Shape): ProportionalFunction {
  if (place.phase !== null) return { ...fn, shape: { ...fn.shape, [place.phase]: shape } }
  const dualRates = (fn.dualRates ?? []).map((one, at) => (at === place.rate ? { when: one.when, ...shape } : one))
  return { ...fn, dualRates }
}

export const changeShape = (fn: ProportionalFunction, place: Place, shape: Shape, note: string) =>
  changeFunction(fn.id, shapedAt(fn, place, shape), note)
