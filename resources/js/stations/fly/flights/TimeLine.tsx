import {
  BatteryCharging,
  FlaskConical,
  Link2,
  ListChecks,
  type LucideIcon,
  PlaneTakeoff,
  Settings2,
  SquareCheck,
  Wrench,
} from 'lucide-react'
import { useState } from 'react'
import { useTimeLine } from '@/api/logbook'
import { said } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { day } from '@/parts/words'

const ICONS: Record<string, LucideIcon> = {
  flight: PlaneTakeoff,
  bind: Link2,
  check: ListChecks,
  test: FlaskConical,
  settings: Settings2,
  entry: SquareCheck,
  work: Wrench,
  pack: BatteryCharging,
}

/** So much is shown at first, and more each time. */
const SHOWN = 100

/** Flights, bindings, checklists, tests and work in one line, the newest above. */
export function TimeLine({ aircraft, onOpen }: { aircraft: number | undefined; onOpen: (flight: number) => void }) {
  const { data, error } = useTimeLine(aircraft)
  const [most, setMost] = useState(SHOWN)
  if (error) return <p className="text-rose">▲ {said(error)}</p>
  if (!data) return <p className="text-muted">◌ Opening…</p>
  const days = Map.groupBy(data.entries.slice(0, most), (one) => one.at.slice(0, 10))
  if (data.entries.length === 0) return <p className="m-auto text-muted">Nothing has happened yet.</p>
  return (
    <ol className="min-h-0 flex-1 overflow-auto">
      {[...days].map(([on, entries]) => (
        <li key={on} data-day={on} className="grid gap-x-4 border-line border-b py-2 sm:grid-cols-[8rem_1fr]">
          <h2 className="text-muted">
            {day(on, 'UTC')} {on.slice(0, 4)}
          </h2>
          <ul className="grid gap-1">
            {keyed(entries, (one) => `${one.at} ${one.kind} ${one.says}`).map(({ key, item: one }) => {
              const Icon = ICONS[one.kind] ?? PlaneTakeoff
              return (
                <li key={key} data-happened={one.kind} className="flex min-w-0 items-baseline gap-2">
                  <Icon size={15} aria-hidden className="shrink-0 translate-y-0.5 text-muted" />
                  <span className="figures w-12 shrink-0 text-muted text-sm">{one.at.slice(11, 16)}</span>
                  <span className="min-w-0 flex-1">
                    {aircraft === undefined && one.aircraftName !== '' && (
                      <span className="font-semibold">{one.aircraftName} </span>
                    )}
                    {one.flight === null ? (
                      one.says
                    ) : (
                      <button
                        type="button"
                        onClick={() => one.flight !== null && onOpen(one.flight)}
                        className="text-left underline max-md:min-h-11"
                      >
                        {one.says}
                      </button>
                    )}{' '}
                    <span className="text-muted text-sm">{one.detail}</span>
                  </span>
                </li>
              )
            })}
          </ul>
        </li>
      ))}
      {data.entries.length > most && (
        <li className="py-2">
          <Button look="bare" onClick={() => setMost(most + SHOWN)}>
            Show {Math.min(SHOWN, data.entries.length - most)} more
          </Button>
        </li>
      )}
    </ol>
  )
}
