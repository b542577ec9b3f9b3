import { useId } from 'react'
import { Field } from '@/parts/Field'

type Props = {
  id?: string
  label: string
  value: string
  placeholder?: string
  suggest?: string[]
  isNumber?: boolean
  /** Without its label before it. */
  bare?: boolean
  onChange: (text: string) => void
}

/** A value that is typed; the core says what is wrong with it. */
export function Typed({
  id,
  label,
  value,
  placeholder,
  suggest = [],
  isNumber = false,
  bare = false,
  onChange,
}: Props) {
  const list = useId()
  const input = (
    <>
      <input
        id={id}
        aria-label={label}
        value={value}
        placeholder={placeholder}
        maxLength={60}
        list={suggest.length > 0 ? list : undefined}
        inputMode={isNumber ? 'decimal' : 'text'}
        onChange={(event) => onChange(event.target.value)}
        className={`h-9 w-full min-w-0 rounded-lg border border-line bg-deep px-2.5 max-md:h-11 ${isNumber ? 'figures text-right' : ''}`}
      />
      {suggest.length > 0 && (
        <datalist id={list}>
          {suggest.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </>
  )
  if (bare) return input
  return (
    <Field label={label} {...(id ? { htmlFor: id } : {})}>
      {input}
    </Field>
  )
}
