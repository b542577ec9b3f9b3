import type { Control } from '@/api/types'
import { dragOver } from '@/parts/drag'
import { Lever } from './Lever'

/** A slider: dragged along its slot, or moved with the arrow keys. */
export function Fader({ control }: { control: Control }) {
  return (
    <Lever
      control={control}
      vertical
      className="h-28 w-6 rounded-lg"
      grab={(press, move) => dragOver(press, (_, down) => move(1 - down * 2))}
    >
      {(value) => (
        <>
          <span aria-hidden className="absolute inset-y-2 left-1/2 w-px bg-line" />
          <span
            aria-hidden
            className="pointer-events-none absolute inset-x-0.5 h-3 translate-y-1/2 rounded bg-ember"
            style={{ bottom: `${((value + 1) / 2) * 100}%` }}
          />
        </>
      )}
    </Lever>
  )
}
