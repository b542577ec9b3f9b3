import { useEffect, useId, useState } from 'react'

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
  const [text, setText] = useState(value)
  useEffect(() => setText(value), [value])
  const list = useId()
  return (
    <>
      <input
        id={id}
        aria-label={label}
        list={suggest && list}
        className="h-9 max-md:h-11 w-full min-w-0 rounded-lg border border-line bg-deep px-2.5 text-ink"
        value={text}
        maxLength={maxLength}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => (text.trim() === '' && !mayBeEmpty ? setText(value) : text !== value && onCommit(text))}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur()
          if (event.key === 'Escape') setText(value)
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
