import { data, POST } from './client'
import { placeInLine } from './line'
import { said } from './proposals'
import { Store, useStore } from './store'
import type { Flown, Program, Rehearsal } from './types'

/** What to fly, and in what. */
export type Plan = {
  script: string
  seed: number
  /** in the unit */
  wind: number
  windUnit: string
  from: number
  /** another than the kit's */
  pack?: string
  charge: number
  milliwatts: number
  /** seconds at which telemetry is reset */
  reset?: number
  mishaps: { kind: string; at: number }[]
}

type State = {
  aircraft: number | null
  plan: Plan | null
  flown: Flown | null
  /** the draft that was listened to last */
  heard: Program | null
  /** the draft that was flown */
  flew: Program | null
  busy: boolean
  /** How many others are worked out before it. */
  before: number
  problem: string | null
}

const NOTHING: State = {
  aircraft: null,
  plan: null,
  flown: null,
  heard: null,
  flew: null,
  busy: false,
  before: 0,
  problem: null,
}

/** What of a program changes a flight: all but what is said of it. */
const flyable = (document: Program) => {
  const { sense, ...rest } = document
  return JSON.stringify([rest, sense?.chain, sense?.bus, sense?.interval])
}

/** The flight that was rehearsed last; it stays while the pilot looks at other views. */
class RehearsalStore extends Store<State> {
  private asking: AbortController | null = null

  async fly(aircraft: number, document: Program, plan: Plan) {
    this.stop()
    const asking = new AbortController()
    this.asking = asking
    this.set({ aircraft, plan, busy: true, before: 0, problem: null })
    const place = placeInLine((before) => {
      if (!asking.signal.aborted && before !== this.state.before) this.set({ before })
    })
    try {
      const { headers } = place
      const answer = POST('/api/rehearsal', { body: { document, ...plan }, headers, signal: asking.signal })
      const flown = (await data(answer)) as Flown
      if (!asking.signal.aborted) this.set({ flown, flew: document, heard: document, busy: false })
    } catch (error) {
      if (!asking.signal.aborted) this.set({ busy: false, problem: said(error) })
    } finally {
      place.leave()
    }
  }

  /** The pilot waits no longer; the flight before this one stays. */
  stop = () => {
    this.asking?.abort()
    this.asking = null
    if (this.state.busy) this.set({ busy: false })
  }

  /** Listens again with the draft as it is now; the flight stays. */
  async listen(document: Program) {
    const { plan, flown, heard, busy } = this.state
    if (!plan || !flown || busy || heard === document || this.isStale(document)) return
    this.set({ busy: true, heard: document })
    try {
      const again: Rehearsal = await data(POST('/api/rehearsal', { body: { document, ...plan, heardOnly: true } }))
      this.set({ flown: { ...flown, ...again }, busy: false, problem: null })
    } catch (error) {
      this.set({ busy: false, problem: said(error) })
    }
  }

  /** It has to be listened to again: the pilot reads other units. */
  forgetWhatWasHeard() {
    this.set({ heard: null })
  }

  /** True where the program has changed so that it would fly another flight. */
  isStale(document: Program) {
    const { flew } = this.state
    return flew !== null && flew !== document && flyable(flew) !== flyable(document)
  }
}

export const rehearsal = new RehearsalStore(NOTHING)

export function useRehearsal(): State {
  return useStore(rehearsal, (one) => one)
}
