import { Choice, type Option } from '@/parts/Choice'
import { Field } from '@/parts/Field'

type Props = {
  id: string
  label: string
  value: string | null | undefined
  options: Option[]
  onChange: (id: string) => void
}

/** One part of the kit, chosen from a list. */
export function Row({ id, label, value, options, onChange }: Props) {
  return (
    <Field label={label} htmlFor={`kit-${id}`}>
      <Choice
        id={`kit-${id}`}
        label={label}
        value={value ?? ''}
        placeholder="Choose…"
        options={options}
        onChange={onChange}
      />
    </Field>
  )
}
