import type { Control } from '@/api/types'
import { drag } from '@/parts/drag'
import { Lever } from './Lever'

const TURN = 135
/** How many pixels of dragging take a dial from one end to the other. */
const WAY = 140

/** A dial: dragged up or right, or moved with the arrow keys. */
export function Knob({ control }: { control: Control }) {
  return (
    <Lever
      control={control}
      className="size-12 rounded-full"
      grab={({ pointerId, clientX, clientY }, move, value) =>
        drag({ pointerId }, (at) => move(value + ((at.clientX - clientX + clientY - at.clientY) / WAY) * 2))
      }
    >
      {(value) => (
        <span aria-hidden className="absolute inset-0" style={{ rotate: `${value * TURN}deg` }}>
          <span className="-translate-x-1/2 absolute top-1 left-1/2 h-4 w-1 rounded bg-ember" />
        </span>
      )}
    </Lever>
  )
}
