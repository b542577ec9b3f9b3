import type { Control } from '@/api/types'
import { percent } from '@/parts/words'
import { onMoveKeys } from './keys'

type Props = {
  control: Control
  value: number
  move: (to: number) => void
  vertical?: boolean
  className: string
  onPointerDown: (event: React.PointerEvent<HTMLDivElement>) => void
  children: React.ReactNode
}

/** What a dial and a slider have in common: a value from end to end, keys, a double click to the middle, a name. */
export function Lever({ control, value, move, vertical = false, className, onPointerDown, children }: Props) {
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
        aria-orientation={vertical ? 'vertical' : undefined}
        data-control={control.id}
        className={`relative touch-none border border-line bg-deep ${className}`}
        onPointerDown={onPointerDown}
        onDoubleClick={() => move(0)}
        onKeyDown={onMoveKeys(value, move, () => move(0))}
      >
        {children}
      </div>
      <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>
    </div>
  )
}
