import type { Curve, Program, ProportionalFunction } from '@/api/types'
import { isStepped } from '@/api/types'
import { workbench } from '@/api/workbench'
import { type Place, shapedAt } from './places'

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

/** Puts a new curve, or a copy of one, on a function at a place; gives its id. */
export function newCurve(
  document: Program,
  fn: ProportionalFunction,
  place: Place,
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
        const { expo: _expo, ...shape } = place.shape
        return shapedAt(one, place, { ...shape, curve: id })
      }),
    }),
    `Curve ${id} for ${fn.name}`,
  )
  return id
}

export function removeCurve(id: string) {
  workbench.edit((document) => {
    const { [id]: _gone, ...curves } = document.curves ?? {}
    return { ...document, curves }
  }, `Removed curve ${id}`)
}
