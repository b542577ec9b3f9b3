import { data, Lost, POST } from './client'
import { hand } from './hand'
import { Store, useStore } from './store'
import type { Inputs, Live, Program } from './types'
import { workbench } from './workbench'

/** A frame with the hand that it was asked for. */
export type Seen = { frame: Live; inputs: Inputs }
type State = { frame: Live | null; lost: boolean; inputs: Inputs | null }

const RETRY_MS = 1000
/** How often a frame is asked for while something still moves by itself. */
const STEP_MS = 40
/** The core's tick, and the most that one request may ask for. */
const TICK_MS = 20
const MOST_TICKS = 50

/** What of a program moves its channels: what is sensed and said stays at home, the request small. */
const moving = new WeakMap<Program, Program>()
function channelsOnly(document: Program): Program {
  const known = moving.get(document)
  if (known) return known
  const { sense: _said, ...rest } = document
  moving.set(document, rest as Program)
  return rest as Program
}

/** Asks the core for the frame of the present hand and program: one request in flight, the newest wins. */
class LiveStore extends Store<State> {
  private inFlight = false
  private stale = false
  private aircraft: number | null = null
  private explain: number | undefined
  private fn: string | undefined
  private memory: number[] | null = null
  private askedAt = 0
  private movesUntil = 0
  private again: number | undefined

  constructor() {
    super({ frame: null, lost: false, inputs: null })
    hand.watch(() => this.stir())
    workbench.watch(() => {
      const id = workbench.state.aircraft?.id ?? null
      if (id !== this.aircraft) {
        this.aircraft = id
        hand.rest()
        this.memory = null
        this.set({ frame: null })
      }
      this.stir()
    })
  }

  /** What more the frame should tell: why an output is where it is, where a function's dot stands. */
  focus(explain: number | undefined, fn: string | undefined) {
    if (explain === this.explain && fn === this.fn) return
    this.explain = explain
    this.fn = fn
    this.ask()
  }

  /** Something was moved: until everything has come to rest, frames are asked for again and again. */
  private stir() {
    const now = performance.now()
    // Nothing moved before this: the time since the last frame counts for nothing.
    if (now > this.movesUntil) this.askedAt = now
    this.movesUntil = now + (this.state.frame?.settlesIn ?? 0) * 1000 + 3 * STEP_MS
    this.ask()
  }

  ask() {
    if (this.inFlight) {
      this.stale = true
    } else if (this.aircraft !== null && workbench.shown) {
      void this.request(this.aircraft, workbench.shown)
    }
  }

  private async request(id: number, document: Program) {
    this.inFlight = true
    window.clearTimeout(this.again)
    this.stale = false
    let wait = 0
    const inputs = hand.seen(document)
    const now = performance.now()
    const ticks = Math.min(MOST_TICKS, Math.max(1, Math.round((now - this.askedAt) / TICK_MS)))
    // What rounding leaves over counts with the next request.
    this.askedAt = ticks === MOST_TICKS ? now : this.askedAt + ticks * TICK_MS
    try {
      const frame = await data(
        POST('/api/live', {
          body: {
            document: channelsOnly(document),
            inputs,
            ticks,
            state: this.memory,
            ...(this.explain ? { explain: this.explain } : {}),
            ...(this.fn ? { function: this.fn } : {}),
          },
        }),
      )
      this.memory = frame.state
      if (id === this.aircraft) this.set({ frame, inputs, lost: false })
    } catch (error) {
      // A draft that the core refuses is told where it is saved; here the last good frame stays.
      if (error instanceof Lost) {
        this.set({ lost: true })
        this.stale = true
        wait = RETRY_MS
      }
    }
    window.setTimeout(() => {
      this.inFlight = false
      if (this.stale || hand.waits) this.ask()
      else if (performance.now() < this.movesUntil) this.again = window.setTimeout(() => this.ask(), STEP_MS)
    }, wait)
  }
}

const live = new LiveStore()
/** Tells of every frame of an aircraft. */
export const watchFrames = (watcher: (seen: Seen) => void) =>
  live.watch(() => {
    const { frame, inputs } = live.state
    if (frame && inputs) watcher({ frame, inputs })
  })

export const focusLive = (explain: number | undefined, fn: string | undefined) => live.focus(explain, fn)

/** A part of the last frame; null before the first. */
export function useFrame<Part>(select: (frame: Live) => Part): Part | null {
  return useStore(live, ({ frame }) => (frame ? select(frame) : null))
}

/** True while the core doesn't answer: the last frame stays on the screen. */
export function useLost(): boolean {
  return useStore(live, ({ lost }) => lost)
}
