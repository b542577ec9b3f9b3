import { useState } from 'react'
import { edit, propose, said } from '@/api/proposals'
import type { Aircraft, Learned } from '@/api/types'
import { useLearned } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { NumberField } from '@/parts/NumberField'
import { tell } from '@/parts/toast'
import { airborne } from '../flights/airborne'
import { Calibrated } from './Calibrated'
import { Compare } from './Compare'

/** What the flights of an aircraft teach: alarm levels, the current sensor, what a change did. */
export default function LearnView({ aircraft }: { aircraft: Aircraft }) {
  const [reserve, setReserve] = useState(0.25)
  const { data, error } = useLearned(aircraft.id, aircraft.document, reserve)
  if (error) return <p className="p-6 text-rose">▲ {said(error)}</p>
  if (!data) return <p className="p-6 text-muted">◌ Listening to your flights…</p>
  return (
    <div className="mx-auto grid h-full max-w-6xl content-start gap-5 overflow-auto px-4 py-3">
      <section aria-label="Alarm levels">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <h3 className="font-semibold text-lg">Alarm levels</h3>
          <span className="flex items-center gap-2 text-sm">
            What should be left of the pack
            <span className="w-24">
              <NumberField
                label="What should be left of the pack"
                value={reserve}
                least={0.05}
                most={0.8}
                onChange={setReserve}
              />
            </span>
          </span>
          <p className="text-muted text-sm">
            {data.flights === 0
              ? 'No recorded flights yet: import some in Flights.'
              : `From the last ${data.flights} recorded ${data.flights === 1 ? 'flight' : 'flights'}.`}
          </p>
        </div>
        {data.flights > 0 && data.alarms.length === 0 && (
          <p className="mt-2 text-muted">This program has no alarm on a value.</p>
        )}
        <ul className="mt-2 grid gap-2">
          {keyed(data.alarms, (one) => `${one.call} ${one.place}`).map(({ key, item }) => (
            <Alarm key={key} alarm={item} flights={data.flights} end={airborne(aircraft).end} />
          ))}
        </ul>
      </section>
      <Calibrated learned={data} />
      <Compare aircraft={aircraft} />
    </div>
  )
}

type AlarmProps = { alarm: Learned['alarms'][number]; flights: number; end: string }

function Alarm({ alarm, flights, end }: AlarmProps) {
  const spoke = alarm.flights.filter((one) => one.times > 0)
  const times = alarm.flights.reduce((sum, one) => sum + one.times, 0)
  const left = spoke.map((one) => one.left).filter((one) => one !== null)
  const before = spoke.map((one) => one.beforeLanding).filter((one) => one !== null)
  const side = alarm.above ? 'above' : 'below'
  const use = async () => {
    if (alarm.advised === null) return
    const { call, place, advised, hysteresis } = alarm
    const done = await edit(
      (draft) => propose.level(draft, call, place, advised, hysteresis),
      `${alarm.name}: ${advised} ${alarm.unit}`,
    )
    if ('problem' in done) tell(done.problem, { kind: 'problem' })
  }
  return (
    <li data-advice={alarm.call} className="rounded-xl border border-line bg-raised px-3 py-2 text-sm">
      <div className="flex flex-wrap items-center gap-x-3">
        <h4 className="font-semibold">{alarm.name}</h4>
        <span className="text-muted">
          {alarm.value} {side}{' '}
          <span className="figures">
            {alarm.now} {alarm.unit}
          </span>
        </span>
        <span className="flex-1" />
        {alarm.advised !== null && alarm.advised !== alarm.now && (
          <Button onClick={() => void use()}>
            Set to {alarm.advised} {alarm.unit}
          </Button>
        )}
      </div>
      <p>
        {spoke.length === 0
          ? `It never spoke in ${flights} ${flights === 1 ? 'flight' : 'flights'}.`
          : `It spoke ${times} ${times === 1 ? 'time' : 'times'}, in ${spoke.length} of ${flights}.`}{' '}
        {before.length > 0 && `${range(before.map(Math.round))} s before ${end}. `}
        {left.length > 0 && `${range(left.map((one) => Math.round(one * 100)))} % of the pack was left. `}
      </p>
      <p className="text-muted" hidden={!alarm.aboutPack}>
        {alarm.advised === null
          ? '◌ No flight went down to that reserve, or nothing told the pack’s state: no level can be advised.'
          : `${side === 'above' ? 'Above' : 'Below'} ${alarm.advised} ${alarm.unit} it would have left that on each of ${alarm.tells}.`}
      </p>
    </li>
  )
}

const range = (all: number[]) =>
  Math.min(...all) === Math.max(...all) ? String(all[0]) : `${Math.min(...all)} to ${Math.max(...all)}`
