import type { ReactNode } from 'react'

export const INPUT = 'h-9 max-md:h-11 min-w-0 rounded-lg border border-line bg-deep px-2.5 text-ink'

/** A field with its name above. */
export function Labelled({ label, wide = '', children }: { label: string; wide?: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the field is its child
    <label className={`grid gap-0.5 text-muted text-sm ${wide}`}>
      {label}
      {children}
    </label>
  )
}
