import { hand } from '@/api/hand'
import type { Control } from '@/api/types'
import { Range } from '@/parts/Range'
import { percent } from '@/parts/words'
import { hold, STEP } from './keys'
import { useControlValue } from './values'

type Move = (to: number) => void

type Props = {
  control: Control
  vertical?: boolean
  /** Its name stands elsewhere. */
  bare?: boolean
  className: string
  /** Pressed at this value: where the pointer moves it to. */
  grab: (press: React.PointerEvent<HTMLDivElement>, move: Move, value: number) => void
  children: (value: number) => React.ReactNode
}

/** What a dial and a slider have in common: a value from end to end, keys, a double click to the middle, a name. */
export function Lever({ control, vertical = false, bare = false, className, grab, children }: Props) {
  const value = useControlValue(control.id)
  const move: Move = (next) => hand.control(control.id, hold(next))
  return (
    <div className="flex min-w-0 flex-col items-center gap-1">
      <div className={`relative border border-line bg-deep ${className}`}>
        <div
          role="img"
          aria-hidden
          className="absolute inset-0 touch-none"
          onPointerDown={(press) => grab(press, move, value)}
          onDoubleClick={() => move(0)}
        >
          {children(value)}
        </div>
        <Range
          label={control.name}
          value={value}
          min={-1}
          max={1}
          step={STEP}
          text={percent(value)}
          vertical={vertical}
          change={move}
          rest={() => move(0)}
          data={{ 'data-control': control.id }}
        />
      </div>
      {!bare && <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>}
    </div>
  )
}
