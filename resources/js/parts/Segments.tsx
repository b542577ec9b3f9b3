import { ToggleGroup } from 'radix-ui'

type Props = {
  label: string
  value: string
  options: { id: string; name: string }[]
  /** For a thumb. */
  tall?: boolean
  onChange: (id: string) => void
}

/** One of a few, side by side. */
export function Segments({ label, value, options, tall, onChange }: Props) {
  return (
    <ToggleGroup.Root
      type="single"
      value={value}
      onValueChange={(to) => to && onChange(to)}
      aria-label={label}
      className="flex flex-wrap gap-1"
    >
      {options.map((one) => (
        <ToggleGroup.Item
          key={one.id}
          value={one.id}
          className={`rounded-lg border border-line px-3 data-[state=on]:border-sodium data-[state=on]:text-sodium ${tall ? 'min-h-11' : 'min-h-9 max-md:min-h-11 text-sm'}`}
        >
          {one.name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
