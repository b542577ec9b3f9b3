import { hand } from '@/api/hand'
import type { Control } from '@/api/types'
import { drag } from '@/parts/drag'
import { percent } from '@/parts/words'
import { hold, onMoveKeys } from './keys'
import { useControlValue } from './values'

/** A slider: dragged along its slot, or moved with the arrow keys. */
export function Fader({ control }: { control: Control }) {
  const value = useControlValue(control.id)
  const move = (next: number) => hand.control(control.id, hold(next))
  return (
    <div className="flex flex-col items-center gap-1">
      <div
        role="slider"
        tabIndex={0}
        aria-label={control.name}
        aria-valuemin={-100}
        aria-valuemax={100}
        aria-valuenow={Math.round(value * 100)}
        aria-valuetext={percent(value)}
        aria-orientation="vertical"
        data-control={control.id}
        className="relative h-28 w-6 touch-none rounded-lg border border-line bg-deep"
        onPointerDown={(event) => {
          const box = event.currentTarget.getBoundingClientRect()
          const follow = (at: { clientY: number }) => move(1 - ((at.clientY - box.top) / box.height) * 2)
          follow(event)
          drag(event, follow)
        }}
        onDoubleClick={() => move(0)}
        onKeyDown={onMoveKeys(value, move, () => move(0))}
      >
        <span aria-hidden className="absolute inset-y-2 left-1/2 w-px bg-line" />
        <span
          aria-hidden
          className="pointer-events-none absolute inset-x-0.5 h-3 translate-y-1/2 rounded bg-ember"
          style={{ bottom: `${((value + 1) / 2) * 100}%` }}
        />
      </div>
      <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>
    </div>
  )
}
