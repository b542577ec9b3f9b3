import { Download, FileInput } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { type ComponentType, useEffect, useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { useLogbook } from '@/api/logbook'
import { useHangar } from '@/api/queries'
import { workbench } from '@/api/workbench'
import { Menu, menuItem } from '@/parts/Menu'
import { type LogbookView, listed, PAGES } from '@/parts/places'
import { FlightBook } from '@/stations/fly/flights/FlightBook'
import { FieldList } from './FieldList'
import { Friends } from './Friends'
import { LogbookDialog } from './LogbookDialog'
import { PackList } from './PackList'

const VIEWS: Record<LogbookView, ComponentType> = {
  flights: AllFlights,
  packs: PackList,
  fields: FieldList,
  friends: Friends,
}
const PLACES = listed(PAGES.logbook.views)

/** What belongs to no aircraft alone: all flights, packs, fields, and who flies on which video channel. */
export default function LogbookPage() {
  const { view } = useParams()
  const here = PLACES.find((one) => one.path === view) ?? PLACES[0]
  useEffect(() => workbench.close(), [])
  useEffect(() => {
    document.title = `${here?.name} · Logbook · Dusk Switch`
  }, [here?.name])
  if (!here) return null
  const View = VIEWS[here.path]
  return (
    <main className="flex h-full min-h-0 flex-col">
      <h1 className="px-4 pt-3 font-semibold text-2xl">Logbook</h1>
      <nav aria-label="Views of Logbook" className="flex flex-wrap gap-1 border-line border-b px-3">
        {PLACES.map((one) => (
          <Link
            key={one.path}
            title={one.says}
            to={`/logbook/${one.path}`}
            aria-current={one === here ? 'page' : undefined}
            className={`flex min-h-9 items-center border-b-2 px-3 text-sm max-md:min-h-11 ${one === here ? 'border-ember font-semibold' : 'border-transparent text-muted hover:text-ink'}`}
          >
            {one.name}
          </Link>
        ))}
      </nav>
      <div className={`min-h-0 flex-1 overflow-auto ${here.path === 'flights' ? '' : 'px-4 py-3'}`}>
        <View />
      </div>
    </main>
  )
}

function AllFlights() {
  const { data } = useLogbook()
  const hangar = useHangar().data?.aircraft
  const navigate = useNavigate()
  const totals = data?.totals.aircraft ?? []
  return (
    <FlightBook
      aircraft={null}
      menu={<AsFile />}
      elsewhere={({ id, aircraft }) => {
        const isThere = hangar?.some((one) => one.id === aircraft) ?? false
        if (isThere) void navigate(`/aircraft/${aircraft}/fly/flights?flight=${id}`)
        return isThere
      }}
    >
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1 text-sm">
        {totals.map((one) => (
          <span key={one.name} className="max-md:hidden">
            {one.name}{' '}
            <span className="figures text-muted">
              {one.flights} · {Math.round(one.seconds / 60)} min
            </span>
          </span>
        ))}
      </div>
    </FlightBook>
  )
}

/** The logbook out as a file, and another one in. */
function AsFile() {
  const [taking, setTaking] = useState<File | null>(null)
  const input = useRef<HTMLInputElement>(null)
  const download = (ending: string) => (
    <DropdownMenu.Item className={menuItem} asChild>
      <a href={`/api/logbook.${ending}`} download>
        <Download size={15} aria-hidden /> Export as {ending.toUpperCase()}
      </a>
    </DropdownMenu.Item>
  )
  return (
    <>
      <Menu label="The logbook as a file" look="bare">
        <DropdownMenu.Item className={menuItem} onSelect={() => input.current?.click()}>
          <FileInput size={15} aria-hidden /> Import a logbook…
        </DropdownMenu.Item>
        {download('csv')}
        {download('json')}
      </Menu>
      <input
        ref={input}
        type="file"
        aria-label="A logbook"
        accept=".csv,.tsv,.txt,.json"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const picked = event.target.files?.[0]
          if (picked) setTaking(picked)
          event.target.value = ''
        }}
      />
      {taking && <LogbookDialog file={taking} onClose={() => setTaking(null)} />}
    </>
  )
}
