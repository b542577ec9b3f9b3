import type { Recording } from '@/api/types'
import { clock } from './clock'
import { useTime } from './player'

/** What is heard at this moment, large, and what the flight does meanwhile. */
export function Sentence({ flight }: { flight: Recording }) {
  const time = useTime()
  const said = flight.said.findLast((one) => one.from !== null && one.from <= time && (one.to ?? 0) + 2 > time)
  const leg = flight.events.findLast((one) => one.kind === 'leg' && one.at <= time)
  return (
    <section aria-label="Now" className="flex min-h-14 items-center gap-4">
      <p
        role="status"
        data-caption
        className={`line-clamp-2 min-w-0 flex-1 font-semibold text-2xl leading-tight ${said ? 'text-ember' : 'text-muted'}`}
      >
        {said ? `“${said.text}”` : '…'}
      </p>
      <p className="max-w-[40%] shrink-0 text-right text-sm">
        <span className="figures block">{clock(time)}</span>
        <span className="block text-muted">{leg?.says}</span>
      </p>
    </section>
  )
}
