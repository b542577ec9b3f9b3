import { useId } from 'react'
import { useTyped } from './useTyped'

type Props = {
  id?: string
  label: string
  value: string
  onCommit: (value: string) => void
  maxLength?: number
  mayBeEmpty?: boolean
  /** What is offered while one writes. */
  suggest?: readonly string[]
}

/** Text that is taken over when the pilot leaves the field or presses Enter; Escape takes it back. */
export function TextField({ id, label, value, onCommit, maxLength = 60, mayBeEmpty = false, suggest }: Props) {
  const field = useTyped(value, (typed) => {
    if (typed.trim() === '' && !mayBeEmpty) field.show(value)
    else if (typed !== value) onCommit(typed)
  })
  const list = useId()
  return (
    <>
      <input
        id={id}
        aria-label={label}
        data-typed
        list={suggest && list}
        className="h-9 max-md:h-11 w-full min-w-0 rounded-lg border border-line bg-deep px-2.5 text-ink"
        value={field.text}
        maxLength={maxLength}
        onChange={(event) => field.type(event.target.value)}
        onBlur={field.take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur()
          if (event.key === 'Escape') field.show(value)
        }}
      />
      {suggest && (
        <datalist id={list}>
          {suggest.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </>
  )
}
