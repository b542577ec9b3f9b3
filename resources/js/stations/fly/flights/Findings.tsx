import type { FlightPage } from '@/api/types'
import { keyed } from '@/parts/keyed'
import { clock } from '@/recording/clock'
import { player } from '@/recording/player'

/** What was found in a flight, and what nothing tells of. */
export function Findings({ page: { findings, limits } }: { page: FlightPage }) {
  return (
    <section aria-label="What it tells" className="mt-3">
      <h3 className="font-semibold">What it tells</h3>
      <ul className="mt-1 grid gap-1 text-sm">
        {keyed(limits, (one) => `${one.says} ${one.from}`).map(({ key, item: one }) => (
          <li key={key} data-limit className="rounded-lg border border-sodium px-2.5 py-1.5">
            <span className="text-sodium">▲ {one.says}</span> for {Math.round(one.to - one.from)} s, from{' '}
            <Go at={one.from} />
          </li>
        ))}
        {keyed(findings, (one) => one.id + one.says).map(({ key, item: one }) => (
          <li key={key} data-finding={one.id} className="rounded-lg border border-line bg-raised px-2.5 py-1.5">
            <span className={one.known ? 'text-muted' : 'text-sodium'}>
              {one.known ? '' : '◌ '}
              {one.title}
            </span>{' '}
            <span className={one.known ? 'font-semibold' : 'text-muted'}>{one.says}</span>
            {one.detail && <p className="text-muted">{one.detail}</p>}
            {one.at !== null && one.id !== 'air' && <Go at={one.at} />}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Go({ at }: { at: number }) {
  return (
    <button
      type="button"
      onClick={() => player.seek(at)}
      className="inline-flex items-center justify-center underline max-md:min-h-11 max-md:min-w-11"
    >
      {clock(at)}
    </button>
  )
}
