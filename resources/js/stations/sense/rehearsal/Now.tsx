import type { Flown } from '@/api/types'
import { useTime } from './player'

/** What is so at this moment: the words, the leg, and what the sensors send. */
export function Now({ flown }: { flown: Flown }) {
  const time = useTime()
  const row = Math.min(flown.truth.height.length - 1, Math.round(time / flown.every))
  const said = flown.said.findLast((one) => one.from !== null && one.from <= time && (one.to ?? 0) + 2 > time)
  const leg = flown.events.findLast((one) => one.kind === 'leg' && one.at <= time)
  const shown = flown.values.filter((one) => one.data[row] !== null && one.data[row] !== undefined)
  return (
    <section aria-label="Now" className="text-sm">
      <p className="text-muted">{leg?.says}</p>
      <p role="status" data-caption className={`min-h-6 font-semibold ${said ? 'text-ember' : 'text-muted'}`}>
        {said ? `“${said.text}”` : '…'}
      </p>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-2">
        {shown.slice(0, 9).map((one) => (
          <div key={one.id} className="contents">
            <dt className="truncate text-muted">{one.name}</dt>
            <dd className="figures text-right">
              {one.data[row]} {one.unit}
            </dd>
          </div>
        ))}
      </dl>
      <dl aria-label="Outputs" className="mt-2 grid grid-cols-[1fr_auto] gap-x-2 border-line border-t pt-1">
        {flown.outputs.map((one) => (
          <div key={one.channel} className="contents">
            <dt className="truncate text-muted">
              {one.channel} {one.name}
            </dt>
            <dd className="figures text-right">
              {one.pulses[row] ?? 'no pulses'} {one.pulses[row] !== null && 'µs'}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
