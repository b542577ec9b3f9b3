import { useLogbook } from '@/api/logbook'
import type { LogbookFlight } from '@/api/types'

/** The numbers of a flight, those that are known. */
export function Facts({ flight }: { flight: LogbookFlight }) {
  const columns = useLogbook().data?.columns ?? []
  const known = columns.filter((one) => flight.facts[one.id] != null)
  if (known.length === 0) return null
  return (
    <section aria-label="In numbers" className="mt-3 text-sm">
      <h3 className="font-semibold">In numbers</h3>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-3">
        {known.map((one) => (
          <div key={one.id} data-fact={one.id} className="contents">
            <dt className="text-muted">{one.name}</dt>
            <dd className="figures text-right">
              {flight.facts[one.id]} {one.unit}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
