import type { Condition } from '@/api/types'
import { Field } from '@/parts/Field'
import { LEAST_WITHIN, MOST_SECONDS, MOST_WITHIN } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'

type Props = { value: Exclude<Condition, string>; onChange: (value: Condition) => void; at: string }

/** How long something is held, or how soon a second press must follow. */
export function PressTime({ value, onChange, at }: Props) {
  if ('held' in value)
    return (
      <Field label="for" htmlFor={`condition-time${at}`}>
        <NumberField
          id={`condition-time${at}`}
          label="Seconds that it holds"
          unit="s"
          value={value.seconds}
          least={0}
          most={MOST_SECONDS}
          onChange={(seconds) => onChange({ ...value, seconds })}
        />
      </Field>
    )
  if ('taps' in value)
    return (
      <Field label="within" htmlFor={`condition-time${at}`}>
        <NumberField
          id={`condition-time${at}`}
          label="Seconds in which a second press counts"
          unit="s"
          value={value.within}
          least={LEAST_WITHIN}
          most={MOST_WITHIN}
          onChange={(within) => onChange({ ...value, within })}
        />
      </Field>
    )
  return null
}
