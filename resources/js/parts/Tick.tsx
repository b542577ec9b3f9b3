import { Checkbox } from 'radix-ui'
import { useId } from 'react'

/** A box to tick, with its words. */
export function Tick({ says, on, onChange }: { says: string; on: boolean; onChange: (on: boolean) => void }) {
  const id = useId()
  return (
    <label htmlFor={id} className="flex min-h-9 max-md:min-h-11 items-center gap-2 text-sm">
      <Checkbox.Root
        id={id}
        checked={on}
        onCheckedChange={(next) => onChange(next === true)}
        className="flex size-5 shrink-0 items-center justify-center rounded border border-edge bg-deep data-[state=checked]:bg-sodium data-[state=checked]:text-deep"
      >
        <Checkbox.Indicator>✓</Checkbox.Indicator>
      </Checkbox.Root>
      {says}
    </label>
  )
}
