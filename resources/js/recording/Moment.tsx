import type { Recording } from '@/api/types'
import { useTime } from './player'
import { rowAt } from './rows'

/** Everything that is sent at this moment, and the pulses of the outputs. */
export function Moment({ flight }: { flight: Recording }) {
  const time = useTime()
  const row = rowAt(flight, time)
  const sent = flight.values.map((one) => ({
    key: one.id,
    name: one.name,
    value: one.data[row],
    unit: one.unit,
    nothing: silence(one.missing, time),
  }))
  const outputs = flight.outputs.map((one) => ({
    key: String(one.channel),
    name: `${one.channel} ${one.name}`,
    value: one.pulses[row],
    unit: 'µs',
    nothing: 'no pulse',
  }))
  return (
    <>
      <Figures label="Values" all={sent} />
      {outputs.length > 0 && <Figures label="Outputs" all={outputs} />}
    </>
  )
}

/** Why nothing is shown: it never came yet, or for how long it has been silent. */
function silence(missing: number[][], time: number): string {
  const [from = 0] = missing.findLast(([since = 0]) => since <= time + 1e-9) ?? []
  return from === 0 ? 'not yet' : `silent ${Math.round(time - from)} s`
}

type Figure = { key: string; name: string; value: number | null | undefined; unit: string; nothing: string }

function Figures({ label, all }: { label: string; all: Figure[] }) {
  return (
    <dl
      aria-label={label}
      className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-4 border-line border-t pt-1 text-sm"
    >
      {all.map((one) => (
        <div key={one.key} className="flex min-w-0 justify-between gap-2">
          <dt title={one.name} className="min-w-0 truncate text-muted">
            {one.name}
          </dt>
          <dd className="figures shrink-0">
            {one.value ?? <span className="text-sodium">○ {one.nothing}</span>} {one.value != null && one.unit}
          </dd>
        </div>
      ))}
    </dl>
  )
}
