import { ArrowDown, ArrowUp } from 'lucide-react'
import { useState } from 'react'
import type { Logbook, LogbookFlight } from '@/api/types'
import { Tick } from '@/parts/Tick'
import { clock, when } from './clock'
import { EVERY_FLIGHT, FlightFilter, isWanted } from './FlightFilter'

type Sort = { by: string; down: boolean }

type Props = { logbook: Logbook; withAircraft?: boolean; airtime: string; onOpen: (flight: number) => void }

/** Flights with their facts, sorted by any of them; a row opens its flight. */
export function FlightTable({ logbook, withAircraft = false, airtime, onOpen }: Props) {
  const [sort, setSort] = useState<Sort>({ by: 'flownAt', down: true })
  const [wanted, setWanted] = useState(EVERY_FLIGHT)
  const [all, setAll] = useState(false)
  const [most, setMost] = useState(SHOWN)
  const told = logbook.columns
    .filter((column) => logbook.flights.some((one) => one.facts[column.id] != null))
    .filter((column) => all || FIRST.includes(column.id))
  const rows = logbook.flights
    .filter((one) => isWanted(one, wanted))
    .toSorted((a, b) => order(a, b, sort.by) * (sort.down ? -1 : 1))
  // Beside the aircraft's names there is less room.
  const narrow = (id: string) => (withAircraft && LATER.includes(id) ? 'max-xl:hidden' : 'max-md:hidden')
  const head = (id: string, name: string, unit = '') => (
    <th
      key={id}
      scope="col"
      aria-sort={sort.by === id ? (sort.down ? 'descending' : 'ascending') : 'none'}
      className={`whitespace-nowrap p-0 font-normal ${isText(id) ? 'text-left' : 'text-right'} ${onPhone(id) ? '' : narrow(id)}`}
    >
      <button
        type="button"
        onClick={() => setSort({ by: id, down: sort.by === id ? !sort.down : true })}
        className="inline-flex min-h-9 items-center gap-1 px-2 text-muted text-sm hover:text-ink max-md:min-h-11"
      >
        {name} {unit && <span>{unit}</span>}
        {sort.by === id && (sort.down ? <ArrowDown size={13} aria-hidden /> : <ArrowUp size={13} aria-hidden />)}
      </button>
    </th>
  )
  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <FlightFilter logbook={logbook} withAircraft={withAircraft} wanted={wanted} onChange={setWanted} />
        <Tick says="All facts" on={all} onChange={setAll} />
      </div>
      <div className="min-h-0 flex-1 overflow-auto rounded-lg border border-line">
        <table className="w-full text-sm">
          <thead className="sticky top-0 bg-ground">
            <tr className="border-line border-b">
              {head('flownAt', 'Date')}
              {withAircraft && head('aircraftName', 'Aircraft')}
              {head('seconds', airtime)}
              {head('site', 'Place')}
              {head('packLabel', 'Pack')}
              {told.map((one) => head(one.id, one.name, one.unit))}
              {head('note', 'Note')}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, most).map((one) => (
              <tr key={one.id} data-flight={one.id} className="border-line border-b hover:bg-raised">
                <th scope="row" className="whitespace-nowrap p-0 text-left font-normal">
                  <button
                    type="button"
                    onClick={() => onOpen(one.id)}
                    className="inline-flex min-h-9 items-center gap-1.5 px-2 underline max-md:min-h-11"
                  >
                    {when(one)}
                    <span className="text-muted no-underline">{one.recording === null ? '✎' : ''}</span>
                  </button>
                </th>
                {withAircraft && (
                  <td className="max-w-32 truncate px-2" title={one.aircraftName}>
                    {one.aircraftName}
                  </td>
                )}
                <td className="figures px-2 text-right">{one.seconds === null ? '' : clock(one.seconds)}</td>
                <td className="max-w-40 truncate px-2 max-md:hidden" title={one.site}>
                  {one.site}
                </td>
                <td className={`max-w-32 truncate px-2 ${narrow('packLabel')}`} title={one.packLabel ?? ''}>
                  {one.packLabel}
                </td>
                {told.map((column) => (
                  <td key={column.id} className={`figures px-2 text-right ${narrow(column.id)}`}>
                    {one.facts[column.id]}
                  </td>
                ))}
                <td className={`max-w-56 truncate px-2 text-muted ${narrow('note')}`} title={one.note}>
                  {one.note}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {rows.length > most && (
          <p className="p-2">
            <button type="button" className="min-h-9 underline max-md:min-h-11" onClick={() => setMost(rows.length)}>
              Show all {rows.length}
            </button>
          </p>
        )}
        {rows.length === 0 && (
          <p className="p-4 text-muted">
            No flight is like that.{' '}
            <button type="button" className="min-h-9 underline max-md:min-h-11" onClick={() => setWanted(EVERY_FLIGHT)}>
              Show all {logbook.flights.length}
            </button>
          </p>
        )}
      </div>
    </>
  )
}

/** So many are drawn at first: a logbook of years is found in, not scrolled through. */
const SHOWN = 200

/** What is asked first of a flight. */
const FIRST = ['highest', 'farthest', 'fastest', 'used', 'cellLowest']

const TEXTS = ['flownAt', 'aircraftName', 'site', 'packLabel', 'note']
/** What needn't be there beside the aircraft's names. */
const LATER = ['packLabel', 'note', 'cellLowest']
const isText = (id: string) => TEXTS.includes(id)

/** A phone has room for when, what and how long; the flight itself tells the rest. */
const onPhone = (id: string) => ['flownAt', 'aircraftName', 'seconds'].includes(id)

function order(a: LogbookFlight, b: LogbookFlight, by: string): number {
  const of = (one: LogbookFlight) => (by in one.facts ? one.facts[by] : one[by as 'seconds' | 'note'])
  const [x, y] = [of(a), of(b)]
  if (x == null || y == null) return (x == null ? 0 : 1) - (y == null ? 0 : 1)
  return typeof x === 'string' || typeof y === 'string' ? String(x).localeCompare(String(y)) : x - y
}
