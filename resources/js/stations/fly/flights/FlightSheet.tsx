import { ArrowLeft, Columns3, Pencil, Trash2 } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useMemo, useState } from 'react'
import { useFlight, useFlightRemoval, useHeardFlight, useLaidOver } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { Aircraft, FlightPage, LogbookFlight, Recording } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Menu, menuItem } from '@/parts/Menu'
import { Segments } from '@/parts/Segments'
import { Tick } from '@/parts/Tick'
import { Controls } from '@/recording/Controls'
import { clock, when } from '@/recording/clock'
import { Glances } from '@/recording/Glances'
import { Moment } from '@/recording/Moment'
import { Sentence } from '@/recording/Sentence'
import { usePlayback } from '@/recording/sound'
import { Timeline } from '@/recording/Timeline'
import { Verdict } from '@/recording/Verdict'
import { Words } from '@/recording/Words'
import { airborne } from './airborne'
import { Beside } from './Beside'
import { ColumnsDialog } from './ColumnsDialog'
import { Exports } from './Exports'
import { Facts } from './Facts'
import { Findings } from './Findings'
import { FlightForm } from './FlightForm'
import { Marks } from './Marks'
import { callNames } from './names'
import { Search } from './Search'
import { Track } from './Track'

type Props = { flight: number; aircraft: Aircraft | null; onClose: () => void }

/** One flight: over time, from above, and what was found in it; with the alarms of its aircraft, where it has one. */
export function FlightSheet({ flight, aircraft, onClose }: Props) {
  const { data, error } = useFlight(flight)
  if (error) return <p className="p-6 text-rose">▲ {error.message}</p>
  if (!data) return <p className="p-6 text-muted">◌ Opening the flight…</p>
  return <Opened page={data} aircraft={aircraft} onClose={onClose} />
}

function Opened({ page, aircraft, onClose }: { page: FlightPage; aircraft: Aircraft | null; onClose: () => void }) {
  const { flight, file } = page
  const [editing, setEditing] = useState(false)
  const [mapping, setMapping] = useState(false)
  const [listening, setListening] = useState(false)
  const [removing, setRemoving] = useState(false)
  const [side, setSide] = useState('tells')
  const [other, setOther] = useState<number | null>(null)
  const over = useLaidOver(flight.id, other)
  const document = aircraft?.document ?? null
  const heard = useHeardFlight(flight.id, listening && page.recording ? document : null)
  // As long as nobody listens it is only what was recorded.
  const shown = useMemo(
    () => (listening && heard.data ? heard.data : (page.recording as Recording | null)),
    [listening, heard.data, page.recording],
  )
  usePlayback(shown)
  const names = useMemo(() => (document ? callNames(document) : {}), [document])
  return (
    <div className="flex h-full min-h-0 flex-col">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-4 py-2">
        <Button look="bare" onClick={onClose}>
          <ArrowLeft size={15} aria-hidden /> Flights
        </Button>
        <h3 className="min-w-0 truncate font-semibold">{when(flight)}</h3>
        {shown && <Controls flight={shown} />}
        <span className="flex-1" />
        {page.recording && document && (
          <Tick says="With the alarms of this program" on={listening} onChange={setListening} />
        )}
        {page.recording && <Exports flight={flight} />}
        <Menu label="More of this flight" look="bare">
          {file && (
            <DropdownMenu.Item className={menuItem} onSelect={() => setMapping(true)}>
              <Columns3 size={15} aria-hidden /> Columns…
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item className={menuItem} onSelect={() => setRemoving(true)}>
            <Trash2 size={15} aria-hidden /> Remove this flight…
          </DropdownMenu.Item>
        </Menu>
      </div>
      {listening && heard.error && (
        <p role="alert" className="px-4 text-rose">
          ▲ {said(heard.error)}
        </p>
      )}
      {listening && (
        <p className="px-4 text-muted text-sm">
          The recording doesn’t say where the switches were: judged as armed {airborne(aircraft).while}, all else at
          rest.
        </p>
      )}
      {shown ? (
        <div className="flex min-h-0 flex-1 flex-col overflow-auto lg:flex-row lg:overflow-hidden">
          <section aria-label="Over time" className="min-w-0 flex-1 px-4 pb-3 lg:overflow-auto">
            {listening && <Sentence flight={shown} />}
            {!listening && <Beside flight={flight} over={other} says={over.data?.says ?? ''} onChoose={setOther} />}
            {over.error && (
              <p role="alert" className="text-rose text-sm">
                ▲ {said(over.error)}
              </p>
            )}
            <Timeline flight={shown} names={names} over={listening ? null : (over.data ?? null)} />
            {listening && document && <Glances pages={document.sense?.pages ?? []} flight={shown} />}
            <Moment flight={shown} />
          </section>
          <aside
            aria-label="About this flight"
            className="shrink-0 border-line px-4 pb-3 lg:w-84 lg:overflow-auto lg:border-l"
          >
            <Segments
              label="About this flight"
              value={side}
              options={[
                { id: 'tells', name: 'What it tells' },
                { id: 'track', name: 'Track' },
                { id: 'search', name: 'Where is it?' },
                { id: 'notes', name: 'Notes' },
                ...(listening ? [{ id: 'words', name: 'Words' }] : []),
              ]}
              onChange={setSide}
            />
            {side === 'tells' && (
              <>
                <Findings page={page} />
                <Facts flight={flight} />
              </>
            )}
            {side === 'track' && <Track flight={page.recording as Recording} page={page} />}
            {side === 'notes' && (
              <>
                <About page={page} title={airborne(aircraft).title} onEdit={() => setEditing(true)} />
                <Marks page={page} />
              </>
            )}
            {side === 'words' && listening && (
              <>
                <Words flight={shown} />
                <Verdict flown={shown} />
              </>
            )}
            {side === 'search' && <Search area={page.search} flight={page.recording as Recording} />}
          </aside>
        </div>
      ) : (
        <div className="px-4">
          <About page={page} title={airborne(aircraft).title} onEdit={() => setEditing(true)} />
        </div>
      )}
      {editing && <FlightForm aircraft={aircraft} flight={flight} onClose={() => setEditing(false)} />}
      {removing && <RemoveDialog flight={flight} onClose={() => setRemoving(false)} onDone={onClose} />}
      {mapping && file && <ColumnsDialog file={file} onClose={() => setMapping(false)} />}
    </div>
  )
}

/** Asks first: with the last flight of a recording its file goes, too. */
function RemoveDialog({ flight, onClose, onDone }: { flight: LogbookFlight; onClose: () => void; onDone: () => void }) {
  const removal = useFlightRemoval()
  return (
    <Dialog
      open
      title={`Remove the flight of ${when(flight)}?`}
      says={
        flight.recording === null
          ? 'It leaves the logbook with its notes.'
          : 'It leaves the logbook with its notes; its recording goes with the last of its flights.'
      }
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Keep</Button>
          <Button
            look="danger"
            disabled={removal.isPending}
            onClick={() => removal.mutate(flight.id, { onSuccess: onDone })}
          >
            Remove
          </Button>
        </>
      }
    >
      {removal.error && (
        <p role="alert" className="text-rose">
          ▲ {said(removal.error)}
        </p>
      )}
    </Dialog>
  )
}

/** What the pilot wrote of it, and what was wrong with its recording. */
function About({ page: { flight, file }, title, onEdit }: { page: FlightPage; title: string; onEdit: () => void }) {
  const told = [
    [title, flight.seconds === null ? '' : clock(flight.seconds)],
    ['Place', flight.site],
    ['Pilot', flight.pilot],
    ['Pack', flight.packLabel ?? ''],
    ['Charged', flight.charged === null ? '' : `${flight.charged} mAh`],
    ['Weather', flight.weather],
    ['Revision flown', flight.revision === null ? '' : String(flight.revision)],
    ['Recording', file ? `${file.name}, ${file.rows} rows` : ''],
  ].filter(([, says]) => says !== '')
  return (
    <section aria-label="Notes" className="mt-3 text-sm">
      <dl className="grid grid-cols-[7rem_1fr] gap-y-0.5">
        {told.map(([name, says]) => (
          <div key={name} className="contents">
            <dt className="text-muted">{name}</dt>
            <dd className="min-w-0 break-words">{says}</dd>
          </div>
        ))}
      </dl>
      {flight.note && <p className="mt-2 whitespace-pre-line">{flight.note}</p>}
      {file && file.bad > 0 && (
        <p className="mt-2 text-sodium">
          ○ {file.bad} {file.bad === 1 ? 'line was' : 'lines were'} left out: see Columns.
        </p>
      )}
      <Button className="mt-2" onClick={onEdit}>
        <Pencil size={15} aria-hidden /> Edit notes
      </Button>
    </section>
  )
}
