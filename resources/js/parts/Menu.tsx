import { EllipsisVertical } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { Button } from './Button'

/** How an item of a menu looks, for those that are links. */
export const menuItem =
  'flex max-md:min-h-11 cursor-pointer items-center gap-2.5 rounded-md px-2.5 py-2 outline-none data-[highlighted]:bg-line'

/** The sheet that a menu's items lie on. */
export const menu = 'z-40 min-w-44 rounded-xl border border-edge bg-raised p-1 shadow-xl'

type Props = { label: string; look?: 'plain' | 'bare'; className?: string; children: ReactNode }

/** Three dots with what more can be done behind them. */
export function Menu({ label, look = 'plain', className = '', children }: Props) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button look={look} className={`px-2 ${className}`} aria-label={label}>
          <EllipsisVertical size={18} aria-hidden />
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className={menu}>
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
