import type { WidgetProps } from '@rjsf/utils'
import { Choice } from '@/parts/Choice'
import { Tick } from '@/parts/Tick'
import { inWords } from './templates'

const NOT_SAID = '–'

export function TextWidget({ id, label, value, schema, onChange, options }: WidgetProps) {
  const isNumber = schema.type === 'number' || schema.type === 'integer'
  return (
    <input
      id={id}
      aria-label={inWords(label)}
      inputMode={isNumber ? 'decimal' : 'text'}
      value={value ?? ''}
      onChange={(event) => {
        const text = isNumber ? event.target.value.replace(',', '.').replace('−', '-') : event.target.value
        onChange(text === '' ? options.emptyValue : text)
      }}
      className={`h-9 w-full min-w-0 rounded-lg border border-line bg-deep px-2.5 ${isNumber ? 'figures text-right' : ''}`}
    />
  )
}

export function SelectWidget({ id, label, value, required, options, onChange }: WidgetProps) {
  // A unit is written as it is: "m" is no "M".
  const named = (one: string) => (options.asWritten === true ? one : inWords(one))
  const all = (options.enumOptions ?? []).map((one) => ({ id: String(one.value), name: named(String(one.label)) }))
  return (
    <Choice
      id={id}
      label={inWords(label)}
      value={value === undefined ? NOT_SAID : String(value)}
      options={required ? all : [{ id: NOT_SAID, name: 'Not said' }, ...all]}
      onChange={(chosen) => onChange(options.enumOptions?.find((one) => String(one.value) === chosen)?.value)}
    />
  )
}

/** In a row of a list there is no room for more than the name. */
export function CheckboxWidget({ id, label, value, schema, onChange }: WidgetProps) {
  const inRow = /_\d+_/.test(id)
  return (
    <span title={schema.description}>
      <Tick
        says={`${inWords(label)}${schema.description && !inRow ? `, ${schema.description}` : ''}`}
        on={value === true}
        onChange={onChange}
      />
    </span>
  )
}
