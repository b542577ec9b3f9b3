import { hand } from '@/api/hand'
import type { Control } from '@/api/types'
import { drag } from '@/parts/drag'
import { hold } from './keys'
import { Lever } from './Lever'
import { useControlValue } from './values'

/** A slider: dragged along its slot, or moved with the arrow keys. */
export function Fader({ control }: { control: Control }) {
  const value = useControlValue(control.id)
  const move = (next: number) => hand.control(control.id, hold(next))
  return (
    <Lever
      control={control}
      value={value}
      move={move}
      vertical
      className="h-28 w-6 rounded-lg"
      onPointerDown={(event) => {
        const box = event.currentTarget.getBoundingClientRect()
        const follow = (at: { clientY: number }) => move(1 - ((at.clientY - box.top) / box.height) * 2)
        follow(event)
        drag(event, follow)
      }}
    >
      <span aria-hidden className="absolute inset-y-2 left-1/2 w-px bg-line" />
      <span
        aria-hidden
        className="pointer-events-none absolute inset-x-0.5 h-3 translate-y-1/2 rounded bg-ember"
        style={{ bottom: `${((value + 1) / 2) * 100}%` }}
      />
    </Lever>
  )
}
