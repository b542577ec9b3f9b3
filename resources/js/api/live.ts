import { useSyncExternalStore } from 'react'
import { data, Lost, POST } from './client'
import { hand } from './hand'
import type { Live, Program } from './types'
import { workbench } from './workbench'

type State = { frame: Live | null; lost: boolean }

const RETRY_MS = 1000

/** Asks the core for the frame of the present hand and program: one request in flight, the newest wins. */
class LiveStore {
  state: State = { frame: null, lost: false }
  private readonly watchers = new Set<() => void>()
  private inFlight = false
  private stale = false
  private aircraft: number | null = null
  private explain: number | undefined
  private fn: string | undefined

  constructor() {
    hand.watch(() => this.ask())
    workbench.watch(() => {
      const id = workbench.state.aircraft?.id ?? null
      if (id !== this.aircraft) {
        this.aircraft = id
        hand.rest()
        this.set({ frame: null })
      }
      this.ask()
    })
  }

  watch = (watcher: () => void) => {
    this.watchers.add(watcher)
    return () => this.watchers.delete(watcher)
  }

  private set(change: Partial<State>) {
    this.state = { ...this.state, ...change }
    for (const watcher of this.watchers) watcher()
  }

  /** What more the frame should tell: why an output is where it is, where a function's dot stands. */
  focus(explain: number | undefined, fn: string | undefined) {
    if (explain === this.explain && fn === this.fn) return
    this.explain = explain
    this.fn = fn
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
    this.stale = false
    let wait = 0
    try {
      const frame = await data(
        POST('/api/live', {
          body: {
            document,
            inputs: hand.inputs,
            ...(this.explain ? { explain: this.explain } : {}),
            ...(this.fn ? { function: this.fn } : {}),
          },
        }),
      )
      if (id === this.aircraft) this.set({ frame, lost: false })
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
      if (this.stale) this.ask()
    }, wait)
  }
}

const live = new LiveStore()
export const focusLive = (explain: number | undefined, fn: string | undefined) => live.focus(explain, fn)

export function useLive(): State {
  return useSyncExternalStore(live.watch, () => live.state)
}
