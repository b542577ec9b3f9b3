import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'

type Props = {
  open: boolean
  title: string
  says?: string
  /** For two columns. */
  wide?: boolean
  /** Nothing in it is chosen by a key that was meant for what is behind it. */
  unprompted?: boolean
  onClose: () => void
  /** What stays in sight below while the rest scrolls. */
  foot?: ReactNode
  children: ReactNode
}

/** The dialog itself has the focus, and none of its buttons. */
function focusAll(event: Event) {
  event.preventDefault()
  if (event.currentTarget instanceof HTMLElement) event.currentTarget.focus()
}

export function Dialog({ open, title, says, wide, unprompted, onClose, foot, children }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/55" />
        <Radix.Content
          className={`-translate-x-1/2 fixed top-[8vh] left-1/2 z-50 flex max-h-[84vh] flex-col overflow-hidden rounded-2xl border border-edge bg-raised shadow-2xl outline-none ${wide ? 'w-[min(56rem,94vw)]' : 'w-[min(34rem,94vw)]'}`}
          {...(unprompted ? { onOpenAutoFocus: focusAll } : {})}
          {...(says ? {} : { 'aria-describedby': undefined })}
        >
          <div className="min-h-0 overflow-auto p-5">
            <Radix.Title className="font-semibold text-lg">{title}</Radix.Title>
            {says && <Radix.Description className="mt-1 text-muted">{says}</Radix.Description>}
            <div className="mt-4">{children}</div>
          </div>
          {foot && <div className="flex shrink-0 justify-end gap-2 border-line border-t px-5 py-3">{foot}</div>}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
