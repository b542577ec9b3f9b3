import { RadioGroup } from 'radix-ui'
import { hand, useHand } from '@/api/hand'
import type { Control } from '@/api/types'
import { dragOver } from '@/parts/drag'
import { capital } from '@/parts/words'
import { Lever } from './Lever'
import { Push } from './Push'

/** A control lying flat, large enough for a thumb. */
export function FlatControl({ control }: { control: Control }) {
  if (control.kind === 'switch') return <FlatSwitch control={control} />
  if (control.kind === 'button')
    return (
      <div className="flex h-12 items-center justify-center">
        <Push control={control} bare />
      </div>
    )
  return <FlatLever control={control} />
}

function FlatSwitch({ control }: { control: Control }) {
  const at = String(useHand((one) => one.controls[control.id]) ?? control.rest ?? '')
  return (
    <RadioGroup.Root
      aria-label={control.name}
      data-flat={control.id}
      orientation="horizontal"
      loop={false}
      value={at}
      onValueChange={(detent) => hand.control(control.id, detent)}
      className="flex h-12 overflow-hidden rounded-lg border border-line bg-deep"
    >
      {[...control.detents].reverse().map((detent) => (
        <RadioGroup.Item
          key={detent}
          value={detent}
          data-detent={detent}
          onFocus={() => hand.control(control.id, detent)}
          className={`min-w-11 flex-1 truncate px-1 text-sm ${at === detent ? 'bg-ember text-onember' : 'text-muted'}`}
        >
          {capital(detent)}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  )
}

function FlatLever({ control }: { control: Control }) {
  return (
    <Lever
      control={control}
      bare
      className="h-12 w-full rounded-lg"
      grab={(press, move) => dragOver(press, (across) => move(across * 2 - 1))}
    >
      {(value) => (
        <>
          <span aria-hidden className="absolute inset-x-2 top-1/2 h-px bg-line" />
          <span
            aria-hidden
            className="-translate-x-1/2 pointer-events-none absolute inset-y-1 w-4 rounded bg-ember"
            style={{ left: `${4 + ((value + 1) / 2) * 92}%` }}
          />
        </>
      )}
    </Lever>
  )
}
