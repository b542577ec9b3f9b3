import type { Logbook, LogbookFlight } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { clock, when } from './clock'

/** Which flights are looked for; '' is any. */
export type Wanted = { words: string; aircraft: string; pack: string; pilot: string; year: string }

export const EVERY_FLIGHT: Wanted = { words: '', aircraft: '', pack: '', pilot: '', year: '' }

/** A choice can't be empty. */
const ANY = '*'

type Total = Logbook['totals']['packs'][number]

type Props = { logbook: Logbook; withAircraft: boolean; wanted: Wanted; onChange: (wanted: Wanted) => void }

/** Finds flights by words, and by whose they are, where there are several; a choice tells how many, and how long. */
export function FlightFilter({ logbook, withAircraft, wanted, onChange }: Props) {
  const { totals, flights } = logbook
  const years = [...new Set(flights.map(yearOf))].filter((one) => one !== '')
  const choice = (key: keyof Wanted, any: string, options: { id: string; name: string }[]) =>
    options.length > 1 && (
      <span key={key} className="w-44">
        <Choice
          label={any}
          value={wanted[key] || ANY}
          options={[{ id: ANY, name: any }, ...options]}
          onChange={(to) => onChange({ ...wanted, [key]: to === ANY ? '' : to })}
        />
      </span>
    )
  return (
    <>
      <input
        type="search"
        aria-label="Find a flight"
        placeholder="Find by place, pack, note…"
        value={wanted.words}
        onChange={(event) => onChange({ ...wanted, words: event.target.value })}
        className="h-9 w-full max-w-56 rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
      />
      {withAircraft && choice('aircraft', 'Any aircraft', totals.aircraft.map(told))}
      {choice('pack', 'Any pack', totals.packs.map(told))}
      {choice('pilot', 'Any pilot', totals.pilots.map(told))}
      {choice(
        'year',
        'Any year',
        years.map((one) => ({ id: one, name: one })),
      )}
    </>
  )
}

const told = (one: Total) => ({
  id: one.name,
  name: `${one.name} · ${one.flights} ${one.flights === 1 ? 'flight' : 'flights'} · ${clock(one.seconds)}`,
})

/** True for a flight that is looked for. */
export function isWanted(one: LogbookFlight, wanted: Wanted): boolean {
  const words = wanted.words.trim().toLowerCase()
  const isAs = (wish: string, is: string | null) => wish === '' || wish === is
  return (
    (words === '' || textOf(one).includes(words)) &&
    isAs(wanted.aircraft, one.aircraftName) &&
    isAs(wanted.pack, one.packLabel) &&
    isAs(wanted.pilot, one.pilot) &&
    isAs(wanted.year, yearOf(one))
  )
}

const yearOf = (one: LogbookFlight) => one.flownAt?.slice(0, 4) ?? ''

const textOf = (one: LogbookFlight) =>
  [when(one), one.site, one.packLabel, one.note, one.weather, one.pilot, one.aircraftName].join(' ').toLowerCase()
