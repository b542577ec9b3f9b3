import { clock } from './clock'

/** Seconds that may lie between two marks. */
const STEPS = [10, 20, 30, 60, 120, 300, 600, 1200]

/** Pixels that a mark with its time takes. */
const ROOM = 56

/** The time axis: a mark where a round time is. */
export function Axis({ seconds, width }: { seconds: number; width: number }) {
  const step = STEPS.find((one) => (one / seconds) * width >= ROOM) ?? 3600
  const marks = Array.from({ length: Math.floor(seconds / step) + 1 }, (_, index) => index * step)
  return (
    <div aria-hidden className="relative h-5 overflow-hidden text-muted text-sm">
      {marks.map((mark) => (
        <span
          key={mark}
          className="figures absolute inset-y-0 border-edge border-l pl-1 leading-5"
          style={{ left: `${(mark / seconds) * 100}%` }}
        >
          {(1 - mark / seconds) * width > ROOM - 12 && clock(mark)}
        </span>
      ))}
    </div>
  )
}
