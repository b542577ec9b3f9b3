import { Trash2 } from 'lucide-react'
import type { Aircraft, Derived, Program, SenseLook } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { NumberField } from '@/parts/NumberField'
import { TextField } from '@/parts/TextField'
import { CheckResults } from '../CheckResults'
import { changeSense, changeValue, without } from '../edits'
import { MomentChoice } from '../MomentChoice'
import { Home } from './Home'

type Props = { value: Derived; look: SenseLook; document: Program; aircraft: Aircraft }

/** A calculated value: what it is calculated from, with the pilot's own number or home where it takes one. */
export function DerivedRow({ value, look, document, aircraft }: Props) {
  const like = look.derivations.find((one) => one.id === value.does)
  const shown = look.values.find((one) => one.id === value.id)
  const number = like?.number
  const places = like?.several ? (value.of?.length ?? 0) + 1 : Math.max(like?.count ?? 0, value.of?.length ?? 0)
  return (
    <li data-derived={value.id} className="rounded-xl border border-line bg-raised px-3 py-2">
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
      {like?.timed && (
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
      {number && (
        <div className="mt-1 grid grid-cols-[1fr_7rem] items-center gap-x-2 text-sm">
          <span className="text-muted">{number.says}</span>
          <NumberField
            label={`${value.name}, ${number.says}`}
            value={value.by ?? 0}
            least={number.least}
            most={number.most}
            unit={number.unit === '×' || number.unit === 's' || number.unit === 'm/s' ? number.unit : ''}
            onChange={(by) => changeValue(value.id, (now) => ({ ...now, by }), `${value.name}: ${by}`)}
          />
        </div>
      )}
      {like?.home && (
        <Home
          name={value.name}
          home={value.home}
          onChange={(home) =>
            changeValue(
              value.id,
              (now) => (home ? { ...now, home } : without(now, 'home')),
              home ? `${value.name}: a home of its own` : `${value.name}: home is the first fix`,
            )
          }
        />
      )}
      <CheckResults checks={look.checks} about={`value:${value.id}`} />
    </li>
  )
}
