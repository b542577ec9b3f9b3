import { useEffect, useState } from 'react'
import { hand } from '@/api/hand'
import type { Recording } from '@/api/types'
import { type Heard, hush, prepare, say } from '@/api/voice'
import { player } from './player'
import { nowOf, rowAt } from './rows'
import { Tone } from './tone'

/** How often the handheld follows, in ms. */
const FOLLOWS = 100

/**
 * Plays a flight: words when they are said, the vario tone, and the handheld goes with it. Tells how words were
 * heard.
 */
export function usePlayback(flight: Recording | null): Heard | null {
  const [heard, setHeard] = useState<Heard | null>(null)
  useEffect(() => {
    if (!flight) return
    player.load(flight.seconds)
    for (const one of flight.said.slice(0, 4)) if (one.from !== null) void prepare(one.text)
    const tone = new Tone()
    let moved = 0
    const stop = player.watch((state, before) => {
      const row = rowAt(flight, state.time)
      if (!state.playing) {
        tone.quiet()
        hush()
      } else {
        tone.at(nowOf(flight.tone, state.time), state.time)
        const due = flight.said.filter((one) => one.from !== null && one.from > before && one.from <= state.time)
        const next = flight.said.find((one) => one.from !== null && one.from > state.time)
        if (next) void prepare(next.text)
        const last = due.at(-1)
        if (last && state.time - before < 2) void say(last.text, last.notes).then(setHeard)
      }
      const now = performance.now()
      if (now - moved > FOLLOWS || !state.playing) {
        moved = now
        if (flight.sticks)
          hand.go({ axes: sticks(flight.sticks, row), controls: controls(flight, state.time), trims: {} })
      }
    })
    return () => {
      stop()
      player.stop()
      tone.close()
      hush()
    }
  }, [flight])
  return heard
}

const sticks = (columns: NonNullable<Recording['sticks']>, row: number) =>
  Object.fromEntries(Object.entries(columns).map(([axis, column]) => [axis, column[row] ?? 0]))

function controls(flight: Recording, time: number): Record<string, number | string> {
  const now: Record<string, number | string> = {}
  for (const change of flight.hands) {
    if (change.at > time) break
    Object.assign(now, change.is)
  }
  return now
}
