import { useEffect } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { useLogbook } from '@/api/logbook'
import { said } from '@/api/proposals'
import { workbench } from '@/api/workbench'
import { FlightTable } from '@/recording/FlightTable'
import { FieldList } from './FieldList'
import { Friends } from './Friends'
import { PackList } from './PackList'

const VIEWS = [
  { path: 'flights', name: 'Flights', view: AllFlights },
  { path: 'packs', name: 'Packs', view: PackList },
  { path: 'fields', name: 'Fields', view: FieldList },
  { path: 'friends', name: 'Friends in the air', view: Friends },
]

/** What belongs to no aircraft alone: all flights, packs, fields, and who flies on which video channel. */
export default function LogbookPage() {
  const { view } = useParams()
  const here = VIEWS.find((one) => one.path === view) ?? VIEWS[0]
  useEffect(() => workbench.close(), [])
  useEffect(() => {
    document.title = `${here?.name} · Logbook · Dusk Switch`
  }, [here?.name])
  if (!here) return null
  const View = here.view
  return (
    <main className="flex h-full min-h-0 flex-col">
      <h1 className="px-4 pt-3 font-semibold text-2xl">Logbook</h1>
      <nav aria-label="Views of Logbook" className="flex flex-wrap gap-1 border-line border-b px-3">
        {VIEWS.map((one) => (
          <Link
            key={one.path}
            to={`/logbook/${one.path}`}
            aria-current={one === here ? 'page' : undefined}
            className={`flex min-h-9 items-center border-b-2 px-3 text-sm max-md:min-h-11 ${one === here ? 'border-ember font-semibold' : 'border-transparent text-muted hover:text-ink'}`}
          >
            {one.name}
          </Link>
        ))}
      </nav>
      <div className="min-h-0 flex-1 overflow-auto px-4 py-3">
        <View />
      </div>
    </main>
  )
}

function AllFlights() {
  const { data, error } = useLogbook()
  const navigate = useNavigate()
  if (error) return <p className="text-rose">▲ {said(error)}</p>
  if (!data) return <p className="text-muted">◌ Opening the logbook…</p>
  const open = (flight: number) => {
    const aircraft = data.flights.find((one) => one.id === flight)?.aircraft
    if (aircraft) void navigate(`/aircraft/${aircraft}/fly/flights?flight=${flight}`)
  }
  return (
    <div className="flex h-full min-h-0 flex-col gap-2">
      <div className="flex flex-wrap gap-x-6 gap-y-1 text-sm">
        <span className="order-last flex flex-1 justify-end gap-4">
          <a href="/api/logbook.csv" className="inline-flex items-center underline max-md:min-h-11 max-md:min-w-11">
            CSV
          </a>
          <a href="/api/logbook.json" className="inline-flex items-center underline max-md:min-h-11 max-md:min-w-11">
            JSON
          </a>
        </span>
        {data.totals.aircraft.map((one) => (
          <span key={one.name}>
            {one.name}{' '}
            <span className="figures text-muted">
              {one.flights} · {Math.round(one.seconds / 60)} min
            </span>
          </span>
        ))}
      </div>
      {data.flights.length === 0 ? (
        <p className="m-auto text-muted">No flights yet: import recordings in an aircraft’s Fly station.</p>
      ) : (
        <FlightTable logbook={data} withAircraft onOpen={open} />
      )}
    </div>
  )
}
