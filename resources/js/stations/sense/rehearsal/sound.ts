import { useEffect, useState } from 'react'
import { hand } from '@/api/hand'
import type { Flown } from '@/api/types'
import { type Heard, hush, prepare, say } from '@/api/voice'
import { player } from './player'
import { Tone } from './tone'

/** How often the handheld follows, in ms. */
const FOLLOWS = 100

/**
 * Plays a flight: words when they are said, the vario tone, and the handheld goes with it. Tells how words were
 * heard.
 */
export function usePlayback(flown: Flown | null): Heard | null {
  const [heard, setHeard] = useState<Heard | null>(null)
  useEffect(() => {
    if (!flown) return
    player.load(flown.seconds)
    for (const one of flown.said.slice(0, 4)) if (one.from !== null) void prepare(one.text)
    const tone = new Tone()
    let moved = 0
    const stop = player.watch((state, before) => {
      const row = Math.min(flown.truth.height.length - 1, Math.round(state.time / flown.every))
      if (!state.playing) {
        tone.quiet()
        hush()
      } else {
        tone.at(flown.tone[row] ?? null, state.time)
        const due = flown.said.filter((one) => one.from !== null && one.from > before && one.from <= state.time)
        const next = flown.said.find((one) => one.from !== null && one.from > state.time)
        if (next) void prepare(next.text)
        const last = due.at(-1)
        if (last && state.time - before < 2) void say(last.text, last.notes).then(setHeard)
      }
      const now = performance.now()
      if (now - moved > FOLLOWS || !state.playing) {
        moved = now
        hand.go({ axes: sticks(flown, row), controls: controls(flown, state.time), trims: {} })
      }
    })
    return () => {
      stop()
      player.stop()
      tone.close()
      hush()
    }
  }, [flown])
  return heard
}

const sticks = (flown: Flown, row: number) =>
  Object.fromEntries(Object.entries(flown.sticks).map(([axis, column]) => [axis, column[row] ?? 0]))

function controls(flown: Flown, time: number): Record<string, number | string> {
  const now: Record<string, number | string> = {}
  for (const change of flown.hands) {
    if (change.at > time) break
    Object.assign(now, change.is)
  }
  return now
}
