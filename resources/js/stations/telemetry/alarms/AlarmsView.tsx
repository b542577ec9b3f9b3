import { useState } from 'react'
import { edit, propose } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { tell } from '@/parts/toast'
import { Obvious } from '../Obvious'
import type { View } from '../views'
import { AlarmRow } from './AlarmRow'

const WAYS = [
  { id: 'below', name: 'below' },
  { id: 'above', name: 'above' },
]

/** Thresholds that warn: level, hold, hysteresis, priority, repeat. */
export function AlarmsView({ aircraft, document, look }: View) {
  const [value, setValue] = useState('')
  const [way, setWay] = useState('below')
  const [level, setLevel] = useState('')
  const alarms = look.calls.filter((one) => one.alarm)
  const of = look.values.find((one) => one.id === value)
  const add = async () => {
    const done = await edit(
      (draft) => propose.alarm(draft, value, way === 'above', Number(level)),
      `Alarm on ${of?.name ?? value}`,
    )
    if ('problem' in done) tell(done.problem, { kind: 'problem' })
    else setLevel('')
  }
  const complete = value !== '' && level.trim() !== '' && !Number.isNaN(Number(level))
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <section aria-label="New alarm" className="flex flex-wrap items-end gap-2">
        <div className="w-64">
          <Choice
            label="Value to watch"
            value={value}
            placeholder="Watch a value…"
            options={look.values.map((one) => ({ id: one.id, name: one.name, group: one.from }))}
            onChange={setValue}
          />
        </div>
        <div className="w-28">
          <Choice label="Above or below" value={way} options={WAYS} onChange={setWay} />
        </div>
        <label className="flex items-center gap-1.5 text-muted text-sm">
          <input
            aria-label="Level"
            inputMode="decimal"
            value={level}
            onChange={(event) => setLevel(event.target.value.replace(',', '.').replace('−', '-'))}
            className="figures h-9 w-24 rounded-lg border border-line bg-deep px-2 text-right text-ink"
          />
          {of?.unit}
        </label>
        <Button look="main" disabled={!complete} onClick={() => void add()}>
          Add the alarm
        </Button>
        <p className="text-muted text-sm">
          An alarm that speaks too often is switched off, and missed when it matters. How high and how far you may fly,
          local law decides.
        </p>
      </section>
      <Obvious title="Timers worth having" obvious={look.obvious.filter((one) => one.sensor === 'timers')} />
      {alarms.length === 0 && (
        <p className="mt-6 text-sodium">
          ▲ Nothing warns yet. Begin with the cell’s voltage, the link’s quality and a timer.
        </p>
      )}
      <ul className="mt-3 grid gap-2 xl:grid-cols-2">
        {alarms.map((alarm) => {
          const call = document.sense?.calls?.find((one) => one.id === alarm.id)
          return (
            call && (
              <AlarmRow key={alarm.id} alarm={alarm} call={call} look={look} document={document} aircraft={aircraft} />
            )
          )
        })}
      </ul>
    </div>
  )
}
