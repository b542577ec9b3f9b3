import type { ReactNode } from 'react'

/** A labelled row of a side sheet. */
export function Field({ label, htmlFor, children }: { label: string; htmlFor?: string; children: ReactNode }) {
  return (
    <div className="grid min-h-9 grid-cols-[7rem_1fr] items-center gap-2">
      <label htmlFor={htmlFor} className="text-sm text-muted">
        {label}
      </label>
      <div className="flex min-w-0 items-center gap-2">{children}</div>
    </div>
  )
}
