import type { Aircraft, Condition, Program } from '@/api/types'
import { isStepped } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { capital } from '@/parts/words'
import { Threshold } from './Threshold'

type Props = {
  aircraft: Aircraft
  document: Program
  value: Exclude<Condition, string>
  onChange: (value: Condition) => void
  at: string
}

/** Where one thing must be: a position, a step, or past a level. */
export function OneThing({ aircraft, document, value, onChange, at }: Props) {
  if ('at' in value) {
    const control = aircraft.transmitterDefinition.controls.find((one) => one.id === value.control)
    return (
      <Field label="is" htmlFor={`condition-is${at}`}>
        <Choice
          id={`condition-is${at}`}
          label="is"
          value={value.at}
          options={(control?.detents ?? []).map((detent) => ({ id: detent, name: capital(detent) }))}
          onChange={(at) => onChange({ ...value, at })}
        />
      </Field>
    )
  }
  if ('step' in value) {
    const fn = document.functions?.find((one) => one.id === value.step[0])
    const steps = fn && isStepped(fn) ? fn.steps : []
    return (
      <Field label="is" htmlFor={`condition-is${at}`}>
        <Choice
          id={`condition-is${at}`}
          label="is"
          value={value.step[1] ?? ''}
          options={steps.map((step) => ({ id: step.id, name: step.name ?? capital(step.id) }))}
          onChange={(step) => onChange({ step: [value.step[0] ?? '', step] })}
        />
      </Field>
    )
  }
  if ('sensor' in value) return <Threshold document={document} value={value} onChange={onChange} at={at} />
  if (!('above' in value || 'below' in value)) return null
  const above = 'above' in value
  const level = above ? value.above : value.below
  const put = (isAbove: boolean, to: number) => {
    const of = 'control' in value ? { control: value.control } : { function: value.function }
    onChange((isAbove ? { ...of, above: to } : { ...of, below: to }) as Condition)
  }
  return (
    <Field label="is" htmlFor={`condition-way${at}`}>
      <Choice
        id={`condition-way${at}`}
        label="is"
        value={above ? 'above' : 'below'}
        options={[
          { id: 'above', name: 'above' },
          { id: 'below', name: 'below' },
        ]}
        onChange={(way) => put(way === 'above', level)}
      />
      <NumberField label="Level" value={level} least={-FARTHEST} most={FARTHEST} onChange={(to) => put(above, to)} />
    </Field>
  )
}
