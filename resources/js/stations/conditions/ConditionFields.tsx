import { useValues } from '@/api/sense'
import type { Aircraft, Condition, Program } from '@/api/types'
import { isStepped } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { capital } from '@/parts/words'
import { Threshold } from './Threshold'

type Props = { aircraft: Aircraft; document: Program; value: Condition | null; onChange: (value: Condition) => void }

/** What it hangs on, from a choice such as `switch:flick-a` or `step:style`. */
const subjectOf = (condition: Condition | null): string => {
  if (!condition || typeof condition === 'string') return condition ? `named:${condition}` : ''
  if ('control' in condition) return `control:${condition.control}`
  if ('step' in condition) return `step:${condition.step[0]}`
  if ('sensor' in condition) return `sensor:${condition.sensor}`
  return 'function' in condition ? `level:${condition.function}` : ''
}

/** A condition of one thing: a control's position or level, a function's step or value, or one that has a name. */
export function ConditionFields({ aircraft, document, value, onChange }: Props) {
  const controls = aircraft.transmitterDefinition.controls
  const functions = document.functions ?? []
  const subject = subjectOf(value)
  const values = useValues(document)
  const options = [
    ...controls.map((one) => ({
      id: `control:${one.id}`,
      name: one.name,
      group: one.detents.length > 0 ? 'Switches and buttons' : 'Dials and sliders',
    })),
    ...functions
      .filter(isStepped)
      .map((one) => ({ id: `step:${one.id}`, name: one.name, group: 'A function is in a step' })),
    ...functions
      .filter((one) => !isStepped(one))
      .map((one) => ({ id: `level:${one.id}`, name: one.name, group: 'A function is past a value' })),
    ...values.map((one) => ({ id: `sensor:${one.id}`, name: one.name, group: `Telemetry: ${one.from}` })),
    ...Object.keys(document.conditions ?? {}).map((id) => ({ id: `named:${id}`, name: `“${id}”`, group: 'By name' })),
  ]
  const choose = (to: string) => {
    const [kind, id] = to.split(':') as [string, string]
    const control = controls.find((one) => one.id === id)
    const fn = functions.find((one) => one.id === id)
    if (kind === 'sensor') onChange({ sensor: id, above: 0 })
    else if (kind === 'named') onChange(id)
    else if (kind === 'control' && control && control.detents[0]) onChange({ control: id, at: control.detents[0] })
    else if (kind === 'control') onChange({ control: id, above: 0 })
    else if (kind === 'step' && fn && isStepped(fn)) onChange({ step: [id, fn.steps.at(-1)?.id ?? ''] })
    else onChange({ function: id, above: 0 })
  }
  return (
    <>
      <Field label="When" htmlFor="condition-of">
        <Choice
          id="condition-of"
          label="When"
          value={subject}
          placeholder="Choose…"
          options={options}
          onChange={choose}
        />
      </Field>
      {value && typeof value === 'object' && (
        <Rest aircraft={aircraft} document={document} value={value} onChange={onChange} />
      )}
    </>
  )
}

function Rest({ aircraft, document, value, onChange }: Omit<Props, 'value'> & { value: Exclude<Condition, string> }) {
  if ('at' in value) {
    const control = aircraft.transmitterDefinition.controls.find((one) => one.id === value.control)
    return (
      <Field label="is" htmlFor="condition-is">
        <Choice
          id="condition-is"
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
      <Field label="is" htmlFor="condition-is">
        <Choice
          id="condition-is"
          label="is"
          value={value.step[1] ?? ''}
          options={steps.map((step) => ({ id: step.id, name: step.name ?? capital(step.id) }))}
          onChange={(step) => onChange({ step: [value.step[0] ?? '', step] })}
        />
      </Field>
    )
  }
  if ('sensor' in value) return <Threshold document={document} value={value} onChange={onChange} />
  if (!('above' in value || 'below' in value)) return null
  const above = 'above' in value
  const level = above ? value.above : value.below
  const put = (isAbove: boolean, to: number) => {
    const of = 'control' in value ? { control: value.control } : { function: value.function }
    onChange((isAbove ? { ...of, above: to } : { ...of, below: to }) as Condition)
  }
  return (
    <Field label="is" htmlFor="condition-way">
      <Choice
        id="condition-way"
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
