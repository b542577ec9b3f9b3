import { ChevronsUpDown } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import type { Aircraft, Control } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import { keep } from '@/parts/keep'
import { menuItem } from '@/parts/Menu'
import { FlatControl } from './FlatControl'

const KEY = 'dusk.two'

/** What a pilot reaches for first, where they didn't choose. */
const FIRST = ['arm', 'motor-cut', 'flight-mode', 'style']

/** Two controls of the transmitter for a thumb, chosen by the pilot: the handheld of a phone while it is folded. */
export function TwoControls({ aircraft }: { aircraft: Aircraft }) {
  const { document } = useWorkbench('document')
  const { controls, id } = aircraft.transmitterDefinition
  const [chosen, setChosen] = useState<string[]>(() => keep.read<string[]>(`${KEY}.${id}`) ?? [])
  const usual = FIRST.flatMap((purpose) => {
    const drive = document?.functions?.find((fn) => fn.purpose === purpose)?.drive
    return drive && 'control' in drive ? [drive.control] : []
  })
  const ids = [...new Set([...chosen, ...usual, ...controls.map((one) => one.id)])]
  const two = ids.flatMap((one) => controls.find((control) => control.id === one) ?? []).slice(0, 2)
  const choose = (place: number, control: string) => {
    const next = two.map((one) => one.id)
    const other = next.indexOf(control)
    if (other >= 0) next[other] = next[place] as string
    next[place] = control
    keep.set(`${KEY}.${id}`, JSON.stringify(next))
    setChosen(next)
  }
  return (
    <div className="grid grid-cols-2 gap-3 px-3 pb-2 md:hidden">
      {two.map((control, place) => (
        <div key={control.id} className="min-w-0">
          <Which control={control} all={controls} choose={(to) => choose(place, to)} />
          <FlatControl control={control} />
        </div>
      ))}
    </div>
  )
}

type WhichProps = { control: Control; all: Control[]; choose: (id: string) => void }

function Which({ control, all, choose }: WhichProps) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`${control.name}: choose another control`}
        title={control.name}
        className="flex min-h-11 w-full items-center justify-center gap-1 text-sm"
      >
        <span className="min-w-0 truncate">{control.name}</span>
        <ChevronsUpDown size={14} aria-hidden className="shrink-0 text-muted" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          side="top"
          className="z-40 max-h-[60vh] min-w-44 overflow-auto rounded-xl border border-edge bg-raised p-1 shadow-xl"
        >
          <DropdownMenu.RadioGroup value={control.id} onValueChange={choose}>
            {all.map((one) => (
              <DropdownMenu.RadioItem key={one.id} value={one.id} className={menuItem}>
                {one.name}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
