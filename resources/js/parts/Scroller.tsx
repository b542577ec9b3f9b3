import type { ComponentProps } from 'react'

/** A region that scrolls, which keys reach so that arrows move it. */
export function Scroller({ label, ...rest }: { label: string } & ComponentProps<'section'>) {
  const reachable = { tabIndex: 0 }
  return <section aria-label={label} {...reachable} {...rest} />
}
