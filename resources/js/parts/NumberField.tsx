import { useEffect, useRef, useState } from 'react'
import { useTyped } from './useTyped'

type Props = {
  id?: string
  label: string
  /** A signal, 1 = 100 %; with another unit the number itself. */
  value: number
  least: number
  most: number
  unit?: '%' | 's' | '°' | 'm/s' | 'km/h' | 'mph' | 'kn' | '×' | 'mW' | 'µs' | ''
  onChange: (value: number) => void
}

/** What an arrow key adds. */
const SMALL: Record<string, number> = { '%': 0.01, mW: 1, µs: 5, 'km/h': 1, mph: 1, kn: 1, '×': 0.01, '': 1 }

/** Two decimals are shown, of a factor three; what was stored more finely stays so until it's changed. */
const written = (value: number, of: number, unit: string) => String(Number((value * of).toFixed(unit === '×' ? 3 : 2)))

/** A number with its unit, a signal as per cent: typed, or stepped with the arrow keys (Shift for ten). */
export function NumberField({ id, label, value, least, most, unit = '%', onChange }: Props) {
  const of = unit === '%' ? 100 : 1
  const small = SMALL[unit] ?? 0.1
  const shown = (number: number) => written(number, of, unit)
  const [bad, setBad] = useState(false)
  // What was taken over last: what is shown may still be from before it.
  const taken = useRef(value)
  useEffect(() => {
    taken.current = value
    setBad(false)
  }, [value])

  const commit = (typed: string) => {
    if (typed === shown(value) && taken.current === value) return setBad(false)
    const number = Number(typed.replace(',', '.').replace('−', '-').replace(unit, '').trim()) / of
    if (typed.trim() === '' || Number.isNaN(number) || number < least || number > most) {
      setBad(true)
    } else {
      setBad(false)
      if (number !== value || taken.current !== value) put(number)
      else field.show(shown(number))
    }
  }
  const put = (number: number) => {
    taken.current = number
    onChange(number)
  }
  const field = useTyped(shown(value), commit)
  const step = (by: number) => {
    field.take()
    const next = Math.min(most, Math.max(least, Number((taken.current + by).toFixed(6))))
    if (next === taken.current) return
    field.show(shown(next))
    put(next)
  }

  return (
    <span className="relative inline-flex w-full min-w-0 flex-col">
      <span className="relative">
        <input
          id={id}
          aria-label={label}
          aria-invalid={bad}
          data-typed
          data-least={shown(least)}
          data-most={shown(most)}
          inputMode="decimal"
          className={`figures h-9 max-md:h-11 w-full rounded-lg border bg-deep pl-2.5 text-right ${unit.length > 2 ? 'pr-14' : unit.length > 1 ? 'pr-10' : 'pr-7'} ${bad ? 'border-rose' : 'border-line'}`}
          value={field.text}
          onChange={(event) => field.type(event.target.value)}
          onBlur={field.take}
          onKeyDown={(event) => {
            if (event.key === 'Enter') field.take()
            if (event.key === 'Escape') {
              field.show(shown(value))
              setBad(false)
            }
            if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
              event.preventDefault()
              step((event.key === 'ArrowUp' ? small : -small) * (event.shiftKey ? 10 : 1))
            }
          }}
        />
        <span
          aria-hidden
          className="-translate-y-1/2 pointer-events-none absolute top-1/2 right-2.5 text-muted text-sm"
        >
          {unit}
        </span>
      </span>
      {bad && (
        <span role="alert" className="mt-0.5 text-rose text-sm">
          ▲ from {shown(least)} to {shown(most)} {unit}
        </span>
      )}
    </span>
  )
}
