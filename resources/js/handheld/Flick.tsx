import { hand, useHand } from '@/api/hand'
import type { Control } from '@/api/types'

const ARROWS: Record<string, string> = { away: '▲', middle: '●', toward: '▼' }

/** A switch: one detent of two or three, away from the pilot at the top. */
export function Flick({ control }: { control: Control }) {
  const at = useHand().controls[control.id] ?? control.rest ?? ''
  const put = (detent: string | undefined, focus?: HTMLElement | null) => {
    if (detent === undefined) return
    hand.control(control.id, detent)
    focus?.querySelector<HTMLElement>(`[data-detent="${detent}"]`)?.focus()
  }
  return (
    <div className="flex flex-col items-center gap-1">
      <div
        role="radiogroup"
        aria-label={control.name}
        data-control={control.id}
        className="flex w-9 flex-col overflow-hidden rounded-lg border border-line bg-deep"
        onKeyDown={(event) => {
          const step = { ArrowUp: -1, ArrowDown: 1, ArrowLeft: -1, ArrowRight: 1 }[event.key]
          if (step === undefined) return
          event.preventDefault()
          put(control.detents[control.detents.indexOf(String(at)) + step], event.currentTarget)
        }}
      >
        {control.detents.map((detent) => (
          // Native radio inputs can't be drawn as a lever that is dragged along its detents.
          // biome-ignore lint/a11y/useSemanticElements: see above
          <button
            key={detent}
            type="button"
            role="radio"
            aria-checked={at === detent}
            aria-label={detent}
            tabIndex={at === detent ? 0 : -1}
            data-detent={detent}
            onClick={() => put(detent)}
            className={`flex items-center justify-center text-xs ${control.detents.length === 2 ? 'h-6' : 'h-4'} ${at === detent ? 'bg-ember text-onember' : 'text-edge hover:bg-line'}`}
          >
            <span aria-hidden>{ARROWS[detent]}</span>
          </button>
        ))}
      </div>
      <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>
    </div>
  )
}
