import { data, POST } from '@/api/client'
import { hand } from '@/api/hand'
import { type Seen, watchFrames } from '@/api/live'
import { rehearsal } from '@/api/rehearsal'
import { Store, useStore } from '@/api/store'
import type { Moment, Program } from '@/api/types'
import { hush, say } from '@/api/voice'
import { workbench } from '@/api/workbench'
import { keep } from '@/parts/keep'
import { player } from '@/recording/player'
import { rowAt } from '@/recording/rows'

const KEY = 'dusk.speaks'

/** How long the words stay to be read, in ms. */
const STAYS = 5000

type State = { on: boolean; caption: string | null; values: Record<string, number> }
type Last = { aircraft: number; key: string; dials: string; moment: Moment }

/** Says what a movement of the hand brings about, on every screen: what it says the core knows. */
class Ear extends Store<State> {
  private last: Last | null = null
  private asking: AbortController | null = null
  /** From where on it is asked, until there is an answer. */
  private from: Moment | null = null
  private timers: number[] = []

  constructor() {
    super({ on: keep.get(KEY) !== 'quiet', caption: null, values: {} })
    watchFrames((seen) => this.sees(seen))
  }

  turn(on: boolean) {
    keep.set(KEY, on ? 'on' : 'quiet')
    this.set({ on, caption: null })
    if (!on) this.stop()
  }

  /** A value of telemetry on the bench, typed; null where it is not known again. */
  type(id: string, value: number | null) {
    const { [id]: _gone, ...rest } = this.state.values
    this.set({ values: value === null ? rest : { ...rest, [id]: value } })
    const { last } = this
    const document = workbench.shown
    if (!last || !document) return
    const moment = { ...last.moment, values: this.known(last.aircraft) }
    this.last = { ...last, moment }
    if (this.state.on) void this.ask(document, last.moment, moment)
  }

  private sees({ frame, inputs }: Seen) {
    const aircraft = workbench.state.aircraft?.id
    const document = workbench.shown
    if (aircraft === undefined || !document) return
    if (aircraft !== this.last?.aircraft) {
      this.stop()
      this.from = null
      this.set({ caption: null, values: {} })
    }
    const { phase, steps, functions } = frame
    const detents = Object.entries(inputs.controls ?? {}).filter(([, where]) => typeof where === 'string')
    const key = JSON.stringify([phase, steps, detents])
    // Dials and sliders that a call looks at: they pass its level by themselves.
    const jobs = workbench.state.aircraft?.jobs ?? {}
    const dials = JSON.stringify(Object.entries(inputs.controls ?? {}).filter(([id]) => jobs[id]))
    const before = this.last
    const moment: Moment = { inputs, phase, steps, functions, values: this.known(aircraft) }
    this.last = { aircraft, key, dials, moment }
    if (before?.aircraft !== aircraft || !this.state.on || !hand.byHand) return
    if (before.key === key && before.dials === dials) return
    const { calls = [], announces = [] } = document.sense ?? {}
    if (calls.length + announces.length === 0) return
    // A dial moves on while it is asked about: what it passed since the last answer counts.
    const from = before.key === key ? (this.from ?? before.moment) : before.moment
    this.from = from
    void this.ask(document, from, moment)
  }

  private async ask(document: Program, before: Moment, now: Moment) {
    this.stop()
    const asking = new AbortController()
    this.asking = asking
    const answer = await data(POST('/api/heard', { body: { document, before, now }, signal: asking.signal })).catch(
      () => null,
    )
    if (asking.signal.aborted) return
    this.from = null
    if (!answer) return
    for (const { text, notes, in: wait } of answer.said)
      this.timers.push(
        window.setTimeout(() => {
          this.set({ caption: text })
          void say(text, notes)
        }, wait * 1e3),
      )
    const last = answer.said.at(-1)
    if (last) this.timers.push(window.setTimeout(() => this.set({ caption: null }), last.in * 1e3 + STAYS))
  }

  /** What was to be said after the movement before this one is said no more. */
  private stop() {
    this.asking?.abort()
    for (const timer of this.timers) window.clearTimeout(timer)
    if (this.timers.length > 0) hush()
    this.timers = []
  }

  /** What telemetry says: what was typed, else the rehearsal at the moment that is shown. */
  private known(aircraft: number): Record<string, number> {
    const { flown, aircraft: of } = rehearsal.state
    if (!flown || of !== aircraft) return this.state.values
    const row = rowAt(flown, player.state.time)
    const shown = flown.values.flatMap((one) => {
      const now = one.data[row]
      return typeof now === 'number' ? [[one.id, now] as const] : []
    })
    return { ...Object.fromEntries(shown), ...this.state.values }
  }
}

export const ear = new Ear()

export function useEar<Part>(select: (state: State) => Part): Part {
  return useStore(ear, select)
}
