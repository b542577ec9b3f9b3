import { Trash2 } from 'lucide-react'
import { useState } from 'react'
import type { Derived, Sense } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { NumberField } from '@/parts/NumberField'
import { TextField } from '@/parts/TextField'
import { CheckResults } from '../CheckResults'
import { changeSense, changeValue, free } from '../edits'
import { MomentChoice } from '../MomentChoice'
import type { View } from '../views'
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
      </div>
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
            {derived.map((value) => {
              const like = look.derivations.find((one) => one.id === value.does)
              const shown = look.values.find((one) => one.id === value.id)
              const places = like?.several
                ? (value.of?.length ?? 0) + 1
                : Math.max(like?.count ?? 0, value.of?.length ?? 0)
              return (
                <li
                  key={value.id}
                  data-derived={value.id}
                  className="rounded-xl border border-line bg-raised px-3 py-2"
                >
                  <div className="flex items-center gap-2">
                    <TextField
                      label={`Name of ${value.id}`}
                      value={value.name}
                      maxLength={30}
                      onCommit={(name) => changeValue(value.id, (now) => ({ ...now, name }), `${name}: named`)}
                    />
                    <span className="shrink-0 text-muted text-sm">
                      {like?.says}
                      {shown?.unit && ` in ${shown.unit}`}
                    </span>
                    <IconButton
                      icon={Trash2}
                      label={`Remove ${value.name}`}
                      onClick={() =>
                        changeSense(
                          (now) => ({ ...now, values: (now.values ?? []).filter((one) => one.id !== value.id) }),
                          `${value.name} is no longer calculated`,
                        )
                      }
                    />
                  </div>
                  {places > 0 && (
                    <div className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-2 gap-y-1 text-sm">
                      <span className="text-muted">of {like?.wants}</span>
                      <div className="grid gap-1">
                        {Array.from({ length: places }, (_, place) => {
                          const key = place
                          return (
                            <Choice
                              key={key}
                              label={`${value.name}, of ${place + 1}`}
                              value={value.of?.[place] ?? ''}
                              placeholder="Choose a value…"
                              options={look.values
                                .filter((one) => one.id !== value.id)
                                .map((one) => ({ id: one.id, name: one.name, group: one.from }))}
                              onChange={(id) =>
                                changeValue(
                                  value.id,
                                  (now) => {
                                    const of = [...(now.of ?? [])]
                                    of[place] = id
                                    return { ...now, of }
                                  },
                                  `${value.name}: of ${id}`,
                                )
                              }
                            />
                          )
                        })}
                      </div>
                    </div>
                  )}
                  {value.does === 'timer' && (
                    <div className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-2 text-sm">
                      <span className="text-muted">runs while</span>
                      <MomentChoice
                        label={`When ${value.name} runs`}
                        value={value.while}
                        words={shown?.while ?? 'Choose…'}
                        document={document}
                        aircraft={aircraft}
                        onChange={(to) =>
                          to && changeValue(value.id, (now) => ({ ...now, while: to }), `${value.name}: when it runs`)
                        }
                      />
                    </div>
                  )}
                  {(value.does === 'scale' || value.does === 'climb') && (
                    <div className="mt-1 grid grid-cols-[auto_6rem] items-center gap-x-2 text-sm">
                      <span className="text-muted">{value.does === 'scale' ? 'times' : 'smoothed over'}</span>
                      <NumberField
                        label={`${value.name}, ${value.does === 'scale' ? 'factor' : 'seconds'}`}
                        value={value.by ?? 1}
                        least={value.does === 'scale' ? -99 : 0}
                        most={99}
                        unit={value.does === 'scale' ? '×' : 's'}
                        onChange={(by) => changeValue(value.id, (now) => ({ ...now, by }), `${value.name}: ${by}`)}
                      />
                    </div>
                  )}
                  <CheckResults checks={look.checks} about={`value:${value.id}`} />
                </li>
              )
            })}
          </ul>
        </section>
      </div>
    </div>
  )
}
