import { Check, ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'

export type Option = { id: string; name: string; group?: string }

type Props = {
  id?: string
  label: string
  value: string
  placeholder?: string
  options: Option[]
  onChange: (value: string) => void
}

/** One of several, grouped where the options say so. */
export function Choice({ id, label, value, placeholder, options, onChange }: Props) {
  const groups = Map.groupBy(options, (option) => option.group ?? '')
  return (
    <Select.Root value={value} onValueChange={onChange}>
      <Select.Trigger
        id={id}
        aria-label={label}
        className="flex h-9 max-md:h-11 w-full min-w-0 items-center justify-between gap-1 rounded-lg border border-line bg-deep px-2.5 text-left hover:border-edge"
      >
        <span className="truncate">
          <Select.Value placeholder={placeholder} />
        </span>
        <Select.Icon>
          <ChevronDown size={16} aria-hidden />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-80 min-w-(--radix-select-trigger-width) overflow-auto rounded-lg border border-edge bg-raised p-1 shadow-xl"
        >
          <Select.Viewport>
            {[...groups].map(([group, items]) => (
              <Select.Group key={group}>
                {group !== '' && <Select.Label className="px-2 pt-1.5 pb-0.5 text-muted text-sm">{group}</Select.Label>}
                {items.map((option) => (
                  <Select.Item
                    key={option.id}
                    value={option.id}
                    className="flex cursor-pointer items-center justify-between gap-3 max-md:min-h-11 rounded px-2 py-1.5 outline-none data-[highlighted]:bg-line"
                  >
                    <Select.ItemText>{option.name}</Select.ItemText>
                    <Select.ItemIndicator>
                      <Check size={14} aria-hidden />
                    </Select.ItemIndicator>
                  </Select.Item>
                ))}
              </Select.Group>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  )
}
