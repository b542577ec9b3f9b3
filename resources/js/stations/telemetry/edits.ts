import type { Call, Derived, Sense } from '@/api/types'
import { workbench } from '@/api/workbench'

/** Edits of what is sensed and said. What they mean is judged by the core. */
export function changeSense(change: (now: Sense) => Sense, note: string) {
  workbench.edit((document) => ({ ...document, sense: change(document.sense ?? {}) }), note)
}

/** An id that nothing has yet. */
export function free(wish: string, taken: string[]) {
  let id = wish
  for (let number = 2; taken.includes(id); number++) id = `${wish}-${number}`
  return id
}

export const changeCall = (id: string, change: (now: Call) => Call, note: string) =>
  changeSense((now) => ({ ...now, calls: (now.calls ?? []).map((one) => (one.id === id ? change(one) : one)) }), note)

export const removeCall = (id: string, name: string) =>
  changeSense((now) => ({ ...now, calls: (now.calls ?? []).filter((one) => one.id !== id) }), `${name} is silent`)

export const changeValue = (id: string, change: (now: Derived) => Derived, note: string) =>
  changeSense((now) => ({ ...now, values: (now.values ?? []).map((one) => (one.id === id ? change(one) : one)) }), note)

/** The same without a key: nothing is said of it. */
export function without<T extends object, K extends keyof T>(of: T, key: K): Omit<T, K> {
  const { [key]: _gone, ...rest } = of
  return rest
}
