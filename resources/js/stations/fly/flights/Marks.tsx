import { Flag, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useFlightChange, useLogbook } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { FlightPage } from '@/api/types'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { TextField } from '@/parts/TextField'
import { clock } from '@/recording/clock'
import { player } from '@/recording/player'

const NAMES: [string, string][] = [
  ['highest', 'highest'],
  ['fastest', 'fastest'],
  ['used', 'used'],
  ['current', 'mean'],
]

/** Marks of a flight, and what it did between two of them. */
export function Marks({ page: { flight, legs } }: { page: FlightPage }) {
  const change = useFlightChange(flight.id)
  // Ahead of what is saved: a second change may follow before the first is answered.
  const [marks, setMarks] = useState(flight.marks)
  const columns = useLogbook().data?.columns ?? []
  const unit = (id: string) => columns.find((one) => one.id === id)?.unit ?? ''
  const keep = (next: FlightPage['flight']['marks']) => {
    setMarks(next)
    change.mutate({ marks: next }, { onError: () => setMarks(flight.marks) })
  }
  return (
    <section aria-label="Marks" className="mt-3 text-sm">
      <div className="flex items-center gap-2">
        <h3 className="font-semibold">Marks</h3>
        <Button
          onClick={() =>
            keep([...marks, { at: Math.round(player.state.time * 10) / 10, says: '' }].toSorted((a, b) => a.at - b.at))
          }
        >
          <Flag size={15} aria-hidden /> Mark this moment
        </Button>
      </div>
      {change.error && (
        <p role="alert" className="text-rose">
          ▲ {said(change.error)}
        </p>
      )}
      <ol className="mt-1 grid gap-1">
        {keyed(marks, (one) => String(one.at)).map(({ key, item: mark, index }) => (
          <li key={key} data-mark={mark.at} className="flex items-center gap-2">
            <button
              type="button"
              onClick={() => player.seek(mark.at)}
              className="figures underline max-md:min-h-11 max-md:min-w-11"
            >
              {clock(mark.at)}
            </button>
            <TextField
              label={`What happens at ${clock(mark.at)}`}
              value={mark.says}
              mayBeEmpty
              onCommit={(says) => keep(marks.map((one, at) => (at === index ? { ...one, says } : one)))}
            />
            <Button
              look="bare"
              aria-label={`Remove the mark at ${clock(mark.at)}`}
              onClick={() => keep(marks.filter((_, at) => at !== index))}
            >
              <Trash2 size={15} aria-hidden />
            </Button>
          </li>
        ))}
      </ol>
      {legs.length > 0 && (
        <ul aria-label="Between the marks" className="mt-2 grid gap-1">
          {legs.map((leg) => (
            <li key={leg.from} data-leg={leg.from}>
              <span className="figures text-muted">
                {clock(leg.from)}–{clock(leg.to)}
              </span>{' '}
              {leg.says}{' '}
              <span className="text-muted">
                {NAMES.filter(([id]) => leg.facts[id] != null)
                  .map(([id, name]) => `${name} ${leg.facts[id]} ${unit(id)}`)
                  .join(', ')}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
