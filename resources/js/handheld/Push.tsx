import { hand, useHand } from '@/api/hand'
import type { Control } from '@/api/types'
import { drag } from '@/parts/drag'

/** A push button: pressed while it is held. */
export function Push({ control, bare = false }: { control: Control; bare?: boolean }) {
  const pressed = useHand((one) => one.controls[control.id]) === 'pressed'
  const put = (down: boolean) => hand.control(control.id, down ? 'pressed' : 'released')
  return (
    <div className="flex flex-col items-center gap-1">
      <button
        type="button"
        aria-label={control.name}
        aria-pressed={pressed}
        data-control={control.id}
        className={`size-11 touch-none rounded-full border-2 ${pressed ? 'border-ink bg-ember' : 'border-edge bg-line'}`}
        onPointerDown={(event) => {
          put(true)
          drag(
            event,
            () => {},
            () => put(false),
          )
        }}
        onKeyDown={(event) => {
          if ((event.key === ' ' || event.key === 'Enter') && !event.repeat) put(true)
        }}
        onKeyUp={(event) => (event.key === ' ' || event.key === 'Enter') && put(false)}
        onBlur={() => pressed && put(false)}
      />
      {!bare && <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>}
    </div>
  )
}
