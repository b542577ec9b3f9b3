import { Check } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useStores } from '@/api/queries'
import { Button } from '@/parts/Button'
import { menu, menuItem } from '@/parts/Menu'
import { chooseStickMode, type StickMode } from '@/parts/stickMode'
import { ear, useEar } from './ear'

/** Which stick moves which axis, to be changed wherever the handheld is. */
export function StickModeMenu({ mode }: { mode: StickMode }) {
  const speaks = useEar((state) => state.on)
  const modes = useStores().data?.stickModes ?? []
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button look="bare" className="min-h-8 shrink-0" aria-label={`Mode ${mode}, stick mode`}>
          Mode {mode}
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className={menu}>
          <DropdownMenu.RadioGroup
            value={String(mode)}
            onValueChange={(to) => chooseStickMode(Number(to) as StickMode)}
            aria-label="Stick mode"
          >
            {modes.map((one) => (
              <DropdownMenu.RadioItem key={one.mode} value={String(one.mode)} className={menuItem}>
                <span className="w-4">
                  <DropdownMenu.ItemIndicator>
                    <Check size={14} aria-hidden />
                  </DropdownMenu.ItemIndicator>
                </span>
                {one.says}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <DropdownMenu.CheckboxItem
            checked={speaks}
            onCheckedChange={(on) => ear.turn(on)}
            className={`${menuItem} border-line border-t md:hidden`}
          >
            <span className="w-4">
              <DropdownMenu.ItemIndicator>
                <Check size={14} aria-hidden />
              </DropdownMenu.ItemIndicator>
            </span>
            Speak aloud
          </DropdownMenu.CheckboxItem>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
