import { useState } from 'react'
import type { Derived, Sense } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { CheckResults } from '../CheckResults'
import { changeSense, free, without } from '../edits'
import { MomentChoice } from '../MomentChoice'
import { Obvious } from '../Obvious'
import type { View } from '../views'
import { DerivedRow } from './DerivedRow'
import { Systems } from './Systems'

type Unit = NonNullable<Sense['units']>[string]

/** Every value that there is, its unit, and what is calculated of others. */
export function ValuesView({ aircraft, document, look }: View) {
  const [does, setDoes] = useState('')
  const sense = document.sense ?? {}
  const measured = look.values.filter((one) => !one.derived)
  const derived = sense.values ?? []
  const add = (kind: string) => {
    setDoes('')
    const like = look.derivations.find((one) => one.id === kind)
    if (!like) return
    const taken = [...(sense.chain ?? []), ...derived].map((one) => one.id)
    const value: Derived = { id: free(kind, taken), name: like.says.slice(0, 30), does: kind as Derived['does'] }
    changeSense((now) => ({ ...now, values: [...(now.values ?? []), value] }), `${like.says} is calculated`)
  }
  const unit = (id: string, to: string) =>
    changeSense((now) => ({ ...now, units: { ...now.units, [id]: to as Unit } }), `${id} in ${to}`)
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <Systems system={sense.system} />
        <div className="w-64">
          <Choice
            label="Add a calculated value"
            value={does}
            placeholder="Add a calculated value…"
            options={look.derivations.map((one) => ({ id: one.id, name: one.says }))}
            onChange={add}
          />
        </div>
        <p className="text-muted text-sm">Heights and home start at the first reading: reset telemetry at the field.</p>
        <div className="flex items-center gap-2 text-sm">
          <span className="text-muted">reset</span>
          <div className="w-56">
            <MomentChoice
              label="When telemetry is reset"
              value={sense.reset}
              words={look.jobs.reset}
              first="by hand, in the transmitter"
              document={document}
              aircraft={aircraft}
              onChange={(reset) =>
                changeSense((now) => (reset ? { ...now, reset } : without(now, 'reset')), 'When telemetry is reset')
              }
            />
          </div>
        </div>
      </div>
      <CheckResults checks={look.checks} about="jobs" />
      <Obvious title="Worth calculating" obvious={look.obvious.filter((one) => one.sensor !== 'timers')} />
      <div className="mt-3 grid gap-4 xl:grid-cols-2">
        <section aria-label="Measured values">
          <h2 className="font-semibold">Received values</h2>
          {measured.length === 0 && <p className="text-muted text-sm">Nothing yet: add a sensor under Sensors.</p>}
          <table className="w-full text-sm">
            <tbody>
              {measured.map((one) => (
                <tr key={one.id} data-value={one.id} className="border-line border-b">
                  <td className="py-1 pr-2">{one.name}</td>
                  <td className="text-muted">{one.from}</td>
                  <td className="figures text-right text-muted md:whitespace-nowrap">{one.range?.join(' … ')}</td>
                  <td className="w-28 py-0.5 pl-2">
                    {one.units.length > 1 ? (
                      <Choice
                        label={`Unit of ${one.name}`}
                        value={one.unit}
                        options={one.units.map((id) => ({ id, name: id }))}
                        onChange={(to) => unit(one.id, to)}
                      />
                    ) : (
                      one.unit
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section aria-label="Derived values">
          <h2 className="font-semibold">Calculated values</h2>
          {derived.length === 0 && <p className="text-muted text-sm">Nothing yet.</p>}
          <ul className="grid gap-2">
            {derived.map((value) => (
              <DerivedRow key={value.id} value={value} look={look} document={document} aircraft={aircraft} />
            ))}
          </ul>
        </section>
      </div>
    </div>
  )
}
