type Props = { id?: string; label: string; value: number; onCommit: (to: number) => void }

/** A number that is taken over as one leaves it; what is none is put back. */
export function Level({ id, label, value, onCommit }: Props) {
  return (
    <input
      key={value}
      id={id}
      aria-label={label}
      inputMode="decimal"
      defaultValue={String(value)}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      onBlur={(event) => {
        const typed = Number(event.target.value.replace(',', '.').replace('−', '-'))
        if (Number.isNaN(typed)) event.target.value = String(value)
        else if (typed !== value) onCommit(typed)
      }}
      className="figures h-8 w-full rounded-lg border border-line bg-deep px-2 text-right text-ink"
    />
  )
}
