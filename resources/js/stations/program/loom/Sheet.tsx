import { X } from 'lucide-react'
import { type ReactNode, useEffect, useRef } from 'react'

/** The side sheet: over the loom on a phone, beside it elsewhere. Escape closes it. */
export function Sheet({
  title,
  kind,
  close,
  children,
}: {
  title: string
  kind: string
  close: () => void
  children: ReactNode
}) {
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    heading.current?.focus()
  }, [])
  return (
    <aside
      aria-label={`${kind}: ${title}`}
      className="absolute inset-0 z-20 flex w-full flex-col overflow-auto border-line border-l bg-raised md:static md:w-84 md:shrink-0"
      onKeyDown={(event) => {
        if (event.key === 'Escape' && !(event.target as HTMLElement).matches('input')) close()
      }}
    >
      <div className="sticky top-0 z-10 flex items-center gap-2 border-line border-b bg-raised px-4 py-2">
        <h2 ref={heading} tabIndex={-1} className="min-w-0 flex-1 truncate font-semibold">
          {title} <span className="font-normal text-muted text-sm">{kind}</span>
        </h2>
        <button type="button" aria-label="Close the sheet" onClick={close} className="rounded-lg p-1.5 hover:bg-line">
          <X size={18} aria-hidden />
        </button>
      </div>
      <div className="grid grid-cols-1 gap-1.5 px-4 py-3">{children}</div>
    </aside>
  )
}
