import { useRef, useState } from 'react'
import { keyHere } from '@/api/connection'
import { keep } from './keep'

/** An evening at the field: older ticks were of another flight. */
const HOURS = 8

type Kept = { at: number; items: string[] }

function read(key: string): Set<string> {
  try {
    const kept = keep.read<Kept>(key)
    return new Set(kept && Date.now() - kept.at < HOURS * 3_600_000 ? kept.items : [])
  } catch {
    return new Set()
  }
}

/** The ticks of a list that is gone through now; they outlive a look elsewhere and a reload. */
export function useKeptTicks(aircraft: number, revision: number, list: string) {
  const key = `dusk.ticks.${keyHere(aircraft)}.${list}`
  const at = `${key}.${revision}`
  const [ticked, setTicked] = useState(() => read(at))
  // Two quick taps come before the screen is drawn again.
  const now = useRef(ticked)
  const put = (next: Set<string>) => {
    now.current = next
    setTicked(next)
    // Of a list those of one revision are enough.
    for (const one of keep.keys()) if (one.startsWith(`${key}.`)) keep.remove(one)
    if (next.size > 0) keep.set(at, JSON.stringify({ at: Date.now(), items: [...next] } satisfies Kept))
  }
  const tick = (item: string) => {
    const next = new Set(now.current)
    if (!next.delete(item)) next.add(item)
    put(next)
  }
  return { ticked, tick, clear: () => put(new Set()) }
}
