import type { KeyboardEvent } from 'react'

const STEP = 0.05
const LEAP = 0.25

/** Moves a proportional control with the arrow keys: Shift for more, Home for rest. */
export function onMoveKeys(value: number, move: (value: number) => void, rest: () => void) {
  return (event: KeyboardEvent) => {
    const by = event.shiftKey ? LEAP : STEP
    const sign = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key]
    if (sign !== undefined) {
      event.preventDefault()
      move(hold(value + sign * by))
    } else if (event.key === 'Home') {
      event.preventDefault()
      rest()
    }
  }
}

/** Keeps a control inside its way, at a resolution that a hand could tell apart. */
export function hold(value: number): number {
  return Math.round(Math.min(1, Math.max(-1, value)) * 1000) / 1000
}
