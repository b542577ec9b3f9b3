import { useEffect, useState } from 'react'
import { Button } from './Button'

const SECOND_MS = 1e3

/** What is said while it's worked out, or while others are before it. */
export const atWork = (says: string, before: number) =>
  before > 0 ? `Waits: ${before} ${before === 1 ? 'other is' : 'others are'} worked out before it` : says

/** Something that takes a while: that it goes on, for how long already, and a way to stop it. */
export function Working({ says, stop, from = 0 }: { says: string; stop: () => void; from?: number }) {
  const [seconds, setSeconds] = useState(0)
  useEffect(() => {
    const timer = window.setInterval(() => setSeconds((now) => now + 1), SECOND_MS)
    return () => window.clearInterval(timer)
  }, [])
  // What is mostly over at once needs no button.
  if (seconds < from) return <span role="status">◌ {says}</span>
  return (
    <span className="inline-flex min-w-0 items-center gap-2">
      <span role="status" className="min-w-0 text-sm">
        ◌ {says}
      </span>
      <progress aria-label={says} className="h-2 w-20 accent-sodium" />
      <span aria-hidden className="figures text-muted text-sm">
        {seconds} s
      </span>
      <Button onClick={stop}>Stop</Button>
    </span>
  )
}
