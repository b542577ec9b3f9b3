import { Store, useStore } from './store'
import type { Axis, Inputs } from './types'

export type Hand = {
  axes: Partial<Record<Axis, number>>
  controls: Record<string, number | string>
  trims: Partial<Record<Axis, number>>
}

const REST: Hand = { axes: {}, controls: {}, trims: {} }

/** What the pilot's hand does on the handheld; what isn't here is at rest. */
class HandStore extends Store<Hand> {
  axes(axes: Partial<Record<Axis, number>>) {
    this.set({ axes: { ...this.state.axes, ...axes } })
  }

  axesAtRest(axes: Axis[]) {
    const left = { ...this.state.axes }
    for (const axis of axes) delete left[axis]
    this.set({ axes: left })
  }

  control(id: string, value: number | string) {
    this.set({ controls: { ...this.state.controls, [id]: value } })
  }

  trim(axis: Axis, value: number) {
    this.set({ trims: { ...this.state.trims, [axis]: value } })
  }

  /** Goes into a state as a whole. */
  go(hand: { axes: Record<string, number>; controls: Record<string, number | string>; trims: Record<string, number> }) {
    this.set({ axes: hand.axes, controls: hand.controls, trims: hand.trims })
  }

  rest = () => this.set(REST)

  get inputs(): Inputs {
    return this.state as Inputs
  }
}

export const hand = new HandStore(REST)

export function useHand(): Hand {
  return useStore(hand)
}
