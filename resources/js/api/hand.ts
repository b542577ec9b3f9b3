import { Store, useStore } from './store'
import type { Axis, Inputs, Program } from './types'
import { isStepped } from './types'

export type Trim = number | Record<string, number>

export type Hand = {
  axes: Partial<Record<Axis, number>>
  controls: Record<string, number | string>
  /** By axis, or by axis and phase where each phase has a trim of its own. */
  trims: Partial<Record<Axis, Trim>>
}

const PRESSES: (number | string)[] = ['pressed', 'released']
/** Nobody presses faster; what comes from a script all at once is seen as it ends. */
const MOST_PRESSES = 16

const REST: Hand = { axes: {}, controls: {}, trims: {} }

/** What the pilot's hand does on the handheld; what isn't here is at rest. */
class HandStore extends Store<Hand> {
  private readonly presses: { id: string; value: number | string }[] = []

  /** True where the last movement was the pilot's, not one of a flight or of a way to a place. */
  byHand = false

  axes(axes: Partial<Record<Axis, number>>) {
    this.byHand = true
    this.set({ axes: { ...this.state.axes, ...axes } })
  }

  axesAtRest(axes: Axis[]) {
    this.byHand = true
    const left = { ...this.state.axes }
    for (const axis of axes) delete left[axis]
    this.set({ axes: left })
  }

  control(id: string, value: number | string) {
    this.byHand = true
    // A press may be over before anybody asks: each one is kept until it was seen.
    if (PRESSES.includes(value) && this.presses.length < MOST_PRESSES) this.presses.push({ id, value })
    this.set({ controls: { ...this.state.controls, [id]: value } })
  }

  /** True while a press waits to be seen. */
  get waits(): boolean {
    return this.presses.length > 0
  }

  /** What the hand does as far as it is to be seen next: presses one after the other, then as it is now. */
  seen(document: Program): Inputs {
    const first = this.presses.shift()
    const now = this.inputs(document)
    return first ? { ...now, controls: { ...now.controls, [first.id]: first.value } } : now
  }

  /** A trim, in one phase where each has its own. */
  trim(axis: Axis, value: number, phase?: string) {
    const was = this.state.trims[axis]
    const to = phase === undefined ? value : { ...(typeof was === 'object' ? was : {}), [phase]: value }
    this.set({ trims: { ...this.state.trims, [axis]: to } })
  }

  /** Goes into a state as a whole. */
  go(hand: { axes: Record<string, number>; controls: Record<string, number | string>; trims: Record<string, Trim> }) {
    this.byHand = false
    this.set({ axes: hand.axes, controls: hand.controls, trims: hand.trims })
  }

  rest = () => {
    this.byHand = false
    this.presses.length = 0
    this.set(REST)
  }

  /** What a program takes of it: a trim by phases only where it has such a trim, and only for phases that are there. */
  inputs(document: Program): Inputs {
    const trims = Object.entries(this.state.trims).map(([axis, trim]) => {
      if (typeof trim === 'number') return [axis, trim]
      const phases = hasTrimPerPhase(document, axis as Axis) ? (document.phases ?? []) : []
      return [axis, phases.length === 0 ? 0 : Object.fromEntries(phases.map(({ id }) => [id, trim[id] ?? 0]))]
    })
    return { ...this.state, trims: Object.fromEntries(trims) } as Inputs
  }
}

/** Each phase of a program has a trim of its own on that axis. */
export const hasTrimPerPhase = (document: Program, axis: Axis): boolean =>
  (document.functions ?? []).some(
    (fn) => !isStepped(fn) && fn.trim?.perPhase && fn.drive && 'axis' in fn.drive && fn.drive.axis === axis,
  )

export const hand = new HandStore(REST)

/** A part of what the hand does. */
export function useHand<Part>(select: (hand: Hand) => Part): Part {
  return useStore(hand, select)
}
