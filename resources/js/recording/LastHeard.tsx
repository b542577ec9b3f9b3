import type { Recording } from '@/api/types'
import { clock } from './clock'
import { player } from './player'

/** Where it was heard for the last time, and how far from there one would look. */
export function LastHeard({ flight }: { flight: Recording }) {
  const { last } = flight
  if (!last) return null
  const place = `${last.latitude.toFixed(5)}, ${last.longitude.toFixed(5)}`
  return (
    <section aria-label="Last position" className="mt-3 text-sm">
      <h3 className="font-semibold">Last position</h3>
      <p className="text-muted">
        Heard at {clock(last.at)}, {last.height ?? 'height unknown'}, {last.speed ?? 'speed unknown'}
        {last.course !== null && `, course ${last.course}°`}; the link went at{' '}
        <button type="button" className="underline" onClick={() => player.seek(last.lost)}>
          {clock(last.lost)}
        </button>
        .
      </p>
      <p>
        <a
          href={`geo:${last.latitude.toFixed(6)},${last.longitude.toFixed(6)}`}
          className="figures inline-flex min-h-9 items-center underline max-md:min-h-11"
        >
          {place}
        </a>
      </p>
      <ul>
        {last.rings.map((ring) => (
          <li key={ring.says}>
            within <span className="figures">{ring.reads}</span> {ring.says}
          </li>
        ))}
      </ul>
    </section>
  )
}
