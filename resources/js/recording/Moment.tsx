import type { Recording } from '@/api/types'
import { useTime } from './player'
import { rowAt } from './rows'

/** Everything that is sent at this moment, and the pulses of the outputs. */
export function Moment({ flight }: { flight: Recording }) {
  const row = rowAt(flight, useTime())
  const sent = flight.values.map((one) => ({ key: one.id, name: one.name, value: one.data[row], unit: one.unit }))
  const outputs = flight.outputs.map((one) => ({
    key: String(one.channel),
    name: `${one.channel} ${one.name}`,
    value: one.pulses[row],
    unit: 'µs',
  }))
  return (
    <>
      <Figures label="Values" all={sent} nothing="nothing" />
      {outputs.length > 0 && <Figures label="Outputs" all={outputs} nothing="no pulse" />}
    </>
  )
}

type Figure = { key: string; name: string; value: number | null | undefined; unit: string }

function Figures({ label, all, nothing }: { label: string; all: Figure[]; nothing: string }) {
  return (
    <dl
      aria-label={label}
      className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-x-4 border-line border-t pt-1 text-sm"
    >
      {all.map((one) => (
        <div key={one.key} className="flex min-w-0 justify-between gap-2">
          <dt className="min-w-0 truncate text-muted">{one.name}</dt>
          <dd className="figures shrink-0">
            {one.value ?? <span className="text-muted">{nothing}</span>} {one.value != null && one.unit}
          </dd>
        </div>
      ))}
    </dl>
  )
}
