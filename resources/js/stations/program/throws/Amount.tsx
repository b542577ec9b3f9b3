import type { ThrowUnit } from '@/api/types'

export const SIGN: Record<ThrowUnit, string> = { mm: ' mm', deg: '°' }

/** What was typed as a number, or null where it is none. */
export function amountOf(text: string): number | null {
  const number = Number(text.replace(',', '.'))
  return text.trim() === '' || Number.isNaN(number) ? null : number
}

type Props = { label: string; value: string; unit: ThrowUnit; onChange: (text: string) => void }

/** An amount of movement. */
export function Amount({ label, value, unit, onChange }: Props) {
  return (
    <span className="relative w-22 shrink-0">
      <input
        inputMode="decimal"
        aria-label={label}
        aria-invalid={value !== '' && amountOf(value) === null}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className={`figures h-9 w-full rounded-lg border bg-deep pr-9 pl-2 text-right max-md:h-11 ${value !== '' && amountOf(value) === null ? 'border-rose' : 'border-line'}`}
      />
      <span aria-hidden className="-translate-y-1/2 pointer-events-none absolute top-1/2 right-2 text-muted text-sm">
        {SIGN[unit].trim()}
      </span>
    </span>
  )
}
