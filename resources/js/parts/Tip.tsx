import { Tooltip } from 'radix-ui'
import type { ReactNode } from 'react'

export function Tip({
  says,
  side = 'bottom',
  children,
}: {
  says: string
  side?: 'bottom' | 'right' | 'top' | 'left'
  children: ReactNode
}) {
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          side={side}
          sideOffset={6}
          className="z-50 max-w-64 rounded-md border border-edge bg-deep px-2.5 py-1.5 text-sm text-ink shadow-lg"
        >
          {says}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  )
}
