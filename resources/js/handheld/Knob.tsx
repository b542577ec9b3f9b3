import { hand } from '@/api/hand'
import type { Control } from '@/api/types'
import { drag } from '@/parts/drag'
import { percent } from '@/parts/words'
import { hold, onMoveKeys } from './keys'
import { useControlValue } from './values'

const TURN = 135
/** How many pixels of dragging take a dial from one end to the other. */
const WAY = 140

/** A dial: dragged up or right, or moved with the arrow keys. */
export function Knob({ control }: { control: Control }) {
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
        data-control={control.id}
        className="relative size-12 touch-none rounded-full border border-line bg-deep"
        onPointerDown={({ pointerId, clientX, clientY }) =>
          drag({ pointerId }, (at) => move(value + ((at.clientX - clientX + clientY - at.clientY) / WAY) * 2))
        }
        onDoubleClick={() => move(0)}
        onKeyDown={onMoveKeys(value, move, () => move(0))}
      >
        <span aria-hidden className="absolute inset-0" style={{ rotate: `${value * TURN}deg` }}>
          <span className="-translate-x-1/2 absolute top-1 left-1/2 h-4 w-1 rounded bg-ember" />
        </span>
      </div>
      <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>
    </div>
  )
}
