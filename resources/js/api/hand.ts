import { useSyncExternalStore } from 'react'
import type { Axis, Inputs } from './types'

export type Hand = {
  axes: Partial<Record<Axis, number>>
  controls: Record<string, number | string>
  trims: Partial<Record<Axis, number>>
}

const REST: Hand = { axes: {}, controls: {}, trims: {} }

/** What the pilot's hand does on the handheld; what isn't here is at rest. */
class HandStore {
  hand: Hand = REST
  private readonly watchers = new Set<() => void>()

  watch = (watcher: () => void) => {
    this.watchers.add(watcher)
    return () => this.watchers.delete(watcher)
  }

  private set(hand: Hand) {
    this.hand = hand
    for (const watcher of this.watchers) watcher()
  }

  axes(axes: Partial<Record<Axis, number>>) {
    this.set({ ...this.hand, axes: { ...this.hand.axes, ...axes } })
  }

  axesAtRest(axes: Axis[]) {
    const left = { ...this.hand.axes }
    for (const axis of axes) delete left[axis]
    this.set({ ...this.hand, axes: left })
  }

  control(id: string, value: number | string) {
    this.set({ ...this.hand, controls: { ...this.hand.controls, [id]: value } })
  }

  trim(axis: Axis, value: number) {
    this.set({ ...this.hand, trims: { ...this.hand.trims, [axis]: value } })
  }

  /** Goes into a state as a whole. */
  go(hand: { axes: Record<string, number>; controls: Record<string, number | string> }) {
    this.set({ axes: hand.axes, controls: hand.controls, trims: this.hand.trims })
  }

  rest = () => this.set(REST)

  get inputs(): Inputs {
    return this.hand as Inputs
  }
}

export const hand = new HandStore()

export function useHand(): Hand {
  return useSyncExternalStore(hand.watch, () => hand.hand)
}
