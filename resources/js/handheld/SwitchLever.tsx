import { RadioGroup } from 'radix-ui'
import { hand, useHand } from '@/api/hand'
import type { Control } from '@/api/types'

const ARROWS: Record<string, string> = { away: '▲', middle: '●', toward: '▼' }

/** A switch: one detent of two or three, away from the pilot at the top. */
export function SwitchLever({ control }: { control: Control }) {
  const at = String(useHand((one) => one.controls[control.id]) ?? control.rest ?? '')
  return (
    <div className="flex flex-col items-center gap-1">
      <RadioGroup.Root
        aria-label={control.name}
        data-control={control.id}
        orientation="vertical"
        loop={false}
        value={at}
        onValueChange={(detent) => hand.control(control.id, detent)}
        className="flex w-9 flex-col overflow-hidden rounded-lg border border-line bg-deep"
      >
        {control.detents.map((detent) => (
          <RadioGroup.Item
            key={detent}
            value={detent}
            aria-label={detent}
            data-detent={detent}
            // At once, however short an arrow key is pressed.
            onFocus={() => hand.control(control.id, detent)}
            className={`flex items-center justify-center text-xs ${control.detents.length === 2 ? 'h-6' : 'h-4'} ${at === detent ? 'bg-ember text-onember' : 'text-edge hover:bg-line'}`}
          >
            <span aria-hidden>{ARROWS[detent]}</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      <span className="whitespace-nowrap text-muted text-sm leading-none">{control.name}</span>
    </div>
  )
}
