import { useState } from 'react'
import { keep } from './keep'

const PREFIX = 'dusk.typed.'

type Kept<Value> = { from: string; value: Value }

const read = <Value>(key: string, start: Value, from: string): Kept<Value> | null => {
  const kept = keep.read<Kept<Value>>(PREFIX + key)
  return kept !== null && kept.from === from && JSON.stringify(kept.value) !== JSON.stringify(start) ? kept : null
}

/**
 * What is typed into a form that is saved by a button: it's kept on this device until then, whatever closes the form
 * before. Used like a state.
 *
 * @param from on what it was typed: where that is something else now, it isn't brought back
 * @returns the value, how to set it, and whether it is what was typed before the form was opened
 */
export function useKept<Value>(
  key: string,
  start: Value,
  from = JSON.stringify(start),
): [Value, (next: Value) => void, boolean] {
  const begin = () => {
    const kept = read(key, start, from)
    return { key, value: kept ? kept.value : start, isBack: kept !== null }
  }
  const [state, setState] = useState(begin)
  const now = state.key === key ? state : begin()
  const put = (value: Value) => {
    setState({ key, value, isBack: false })
    if (JSON.stringify(value) === JSON.stringify(start)) keep.remove(PREFIX + key)
    else keep.set(PREFIX + key, JSON.stringify({ from, value } satisfies Kept<Value>))
  }
  return [now.value, put, now.isBack]
}

/** Forgets what was typed into a form, as it's saved or thrown away. */
export function forgetTyped(key: string) {
  for (const one of keep.keys()) {
    if (one === PREFIX + key || one.startsWith(`${PREFIX + key}/`)) keep.remove(one)
  }
}
