import { useQueryClient } from '@tanstack/react-query'
import { FileInput, Plus } from 'lucide-react'
import { type ReactNode, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { flightsChanged, useLogbook } from '@/api/logbook'
import type { Aircraft, LogbookFlight } from '@/api/types'
import { Button } from '@/parts/Button'
import { Segments } from '@/parts/Segments'
import { FlightTable } from '@/recording/FlightTable'
import { airborne } from './airborne'
import { FlightForm } from './FlightForm'
import { FlightSheet } from './FlightSheet'
import { ImportDialog } from './ImportDialog'
import { TimeLine } from './TimeLine'

type Props = {
  /** whose; null for all */
  aircraft: Aircraft | null
  /** Opens a flight somewhere else: true where it does. */
  elsewhere?: (flight: LogbookFlight) => boolean
  /** what more can be done with all of them */
  menu?: ReactNode
  /** more that is told of them */
  children?: ReactNode
}

/** Flights as a table, and one of them opened; more are imported or typed in. */
export function FlightBook({ aircraft, elsewhere = () => false, menu, children }: Props) {
  const { data, error } = useLogbook(aircraft?.id)
  const [search, setSearch] = useSearchParams()
  const [taking, setTaking] = useState<File[]>([])
  const look = search.get('look') === 'line' ? 'line' : 'table'
  const [typing, setTyping] = useState(false)
  const input = useRef<HTMLInputElement>(null)
  const client = useQueryClient()
  const open = Number(search.get('flight') ?? 0)
  const kept = look === 'line' ? { look } : {}
  const show = (flight: number) => {
    const row = data?.flights.find((one) => one.id === flight)
    if (!row || !elsewhere(row)) setSearch({ ...kept, ...(flight === 0 ? {} : { flight: String(flight) }) })
  }
  const picked = (files: FileList | null) => setTaking([...(files ?? [])])
  if (error) return <p className="p-6 text-rose">▲ {error.message}</p>
  if (!data) return <p className="p-6 text-muted">◌ Opening the logbook…</p>
  if (open > 0) return <FlightSheet key={open} flight={open} aircraft={aircraft} onClose={() => show(0)} />
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: a file may be dropped anywhere; the button does the same
    <div
      className="flex h-full min-h-0 flex-col gap-2 px-4 py-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        picked(event.dataTransfer.files)
      }}
    >
      <div className="flex flex-wrap items-center gap-2">
        <p data-totals className="min-w-40 flex-1 text-muted text-sm">
          {data.totals.flights === 0
            ? 'No flights yet.'
            : `${data.totals.flights} ${data.totals.flights === 1 ? 'flight' : 'flights'}, ${hours(data.totals.seconds)} ${airborne(aircraft).says}`}
        </p>
        <Segments
          label="How they are shown"
          value={look}
          options={[
            { id: 'table', name: 'Flights' },
            { id: 'line', name: 'Timeline' },
          ]}
          onChange={(to) => setSearch(to === 'line' ? { look: to } : {})}
        />
        <Button onClick={() => setTyping(true)}>
          <Plus size={15} aria-hidden /> Add by hand
        </Button>
        <Button look="main" onClick={() => input.current?.click()}>
          <FileInput size={15} aria-hidden /> Import recordings
        </Button>
        {menu}
        <input
          ref={input}
          type="file"
          aria-label="A recording"
          multiple
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            picked(event.target.files)
            event.target.value = ''
          }}
        />
      </div>
      {children}
      {look === 'line' ? (
        <TimeLine aircraft={aircraft?.id} onOpen={show} />
      ) : data.flights.length === 0 ? (
        <div className="m-auto max-w-md text-center text-muted">
          <p>Import the log of your transmitter, a GPS track or any table with times in it, or drop the file here.</p>
          <p className="mt-2">Its columns and units are found by their headings; you can correct them.</p>
        </div>
      ) : (
        <FlightTable logbook={data} withAircraft={aircraft === null} airtime={airborne(aircraft).title} onOpen={show} />
      )}
      {taking.length > 0 && (
        <ImportDialog
          files={taking}
          aircraft={aircraft}
          onClose={() => setTaking([])}
          onDone={(flights) => {
            flightsChanged(client)
            setTaking([])
            if (flights.length === 1 && flights[0] !== undefined) show(flights[0])
          }}
        />
      )}
      {typing && <FlightForm aircraft={aircraft} flight={null} onClose={() => setTyping(false)} />}
    </div>
  )
}

/** A time in hours and minutes. */
function hours(seconds: number): string {
  const minutes = Math.round(seconds / 60)
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`
}
