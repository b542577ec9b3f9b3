/** How far an arrow key moves a proportional control. */
export const STEP = 0.05

/** Keeps a control inside its way, at a resolution that a hand could tell apart. */
export function hold(value: number): number {
  return Math.round(Math.min(1, Math.max(-1, value)) * 1000) / 1000
}
