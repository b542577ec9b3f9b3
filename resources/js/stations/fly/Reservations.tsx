import type { Readiness } from '@/api/types'

/** What was accepted or set aside, and why: it stands wherever "ready" does. */
export function Reservations({ all }: { all: Readiness['reservations'] }) {
  if (all.length === 0) return null
  return (
    <section aria-label="Accepted" data-reservations className="mt-3 rounded-xl border border-line px-3 py-2 text-sm">
      <h2 className="font-semibold">Ready but for what you accepted</h2>
      <ul>
        {all.map((one) => (
          <li key={one.says} className="mt-1">
            <span className="text-sodium">◇</span> {one.says} <span className="text-muted">“{one.reason}”</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
