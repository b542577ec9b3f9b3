import { Undo2, X } from 'lucide-react'
import { useMemo, useState } from 'react'
import { said } from '@/api/proposals'
import type { FlightPage, Recording } from '@/api/types'
import { useFieldChange } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { drag } from '@/parts/drag'
import { IconButton } from '@/parts/IconButton'
import { INPUT } from '@/parts/Labelled'
import { heightOf, PlaceInputs } from '@/parts/PlaceInputs'
import { Segments } from '@/parts/Segments'
import { MapMarks, MapMiddle, MapRings } from '@/recording/MapMarks'
import { type Placing, placing, points } from '@/recording/placing'
import { FieldShape } from './FieldShape'

const SIZE = 440

/** How near a press must be to a corner to take it, in units of the picture. */
const NEAR = 16

type Tool = 'outline' | 'runway'
type Drawn = Record<Tool, number[][]>
type Props = { flight: Recording; page: FlightPage; onClose: () => void }

/** The outline and the runway of a field, drawn over where a flight went. */
export function DrawField({ flight, page, onClose }: Props) {
  const [tool, setTool] = useState<Tool>('outline')
  const [zoom, setZoom] = useState('1')
  const [drawn, setDrawn] = useState<Drawn>({ outline: page.field?.outline ?? [], runway: page.field?.runway ?? [] })
  const [field, setField] = useState({
    name: page.field?.name ?? page.flight.site,
    height: String(page.field?.height ?? ''),
  })
  const { keep } = useFieldChange()
  const place = useMemo(() => {
    return placing(flight, SIZE, { middle: [0, 0], around: flight.extent.around * Number(zoom) })
  }, [flight, zoom])
  const corners = drawn[tool]
  const put = (to: number[][]) => setDrawn({ ...drawn, [tool]: to })
  // Where nothing was there and nothing was drawn, what is kept of that place stays.
  const nothing = [page.field?.outline ?? [], page.field?.runway ?? [], ...Object.values(drawn)].every(
    (one) => one.length === 0,
  )
  const save = () =>
    keep.mutate(
      {
        name: field.name.trim(),
        height: heightOf(field),
        ...(nothing ? {} : { drawn: { flight: page.flight.id, outline: drawn.outline, runway: drawn.runway } }),
      },
      { onSuccess: onClose },
    )
  return (
    <Dialog
      open
      wide
      title="The field of this flight"
      says="Press where a corner lies; drag a corner to move it. Local rules and your club’s rules come first."
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" disabled={field.name.trim() === '' || keep.isPending} onClick={save}>
            Keep
          </Button>
        </>
      }
    >
      <div className="grid gap-4 md:grid-cols-[minmax(0,1fr)_16rem]">
        <div className="grid content-start gap-2">
          <div className="flex flex-wrap gap-2">
            <Segments
              label="What is drawn"
              value={tool}
              options={[
                { id: 'outline', name: 'Outline' },
                { id: 'runway', name: 'Runway' },
              ]}
              onChange={(to) => setTool(to as Tool)}
            />
            <Segments
              label="How much is seen"
              value={zoom}
              options={[
                { id: '1', name: 'Near' },
                { id: '2', name: 'Wider' },
                { id: '4', name: 'Widest' },
              ]}
              onChange={setZoom}
            />
          </div>
          <Pad flight={flight} place={place} drawn={drawn} tool={tool} page={page} put={put} />
        </div>
        <div className="grid content-start gap-2 text-sm">
          <PlaceInputs place={field} onChange={setField} />
          <Corners tool={tool} corners={corners} put={put} />
          {page.flight.site.trim() === '' && (
            <p className="text-muted">Flights that begin here are held against it by themselves.</p>
          )}
          {keep.error && (
            <p role="alert" className="text-rose">
              ▲ {said(keep.error)}
            </p>
          )}
        </div>
      </div>
    </Dialog>
  )
}

type PadProps = {
  flight: Recording
  page: FlightPage
  place: Placing
  drawn: Drawn
  tool: Tool
  put: (corners: number[][]) => void
}

/** Where the flight went, to be drawn over. */
function Pad({ flight, page, place, drawn, tool, put }: PadProps) {
  const corners = drawn[tool]
  const way = useMemo(() => points(flight.times, place), [flight, place])
  const press = (event: React.PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    const at = (where: { clientX: number; clientY: number }) => ({
      x: ((where.clientX - box.left) / box.width) * SIZE,
      y: ((where.clientY - box.top) / box.height) * SIZE,
    })
    const metres = ({ x, y }: { x: number; y: number }) => [Math.round(place.east(x)), Math.round(place.north(y))]
    const here = at(event)
    const taken = corners.findIndex(
      ([east = 0, north = 0]) => Math.hypot(place.across(east) - here.x, place.down(north) - here.y) < NEAR,
    )
    const full = tool === 'runway' && corners.length === 2
    const next = taken >= 0 ? corners : full ? [metres(here)] : [...corners, metres(here)]
    const moved = taken >= 0 ? taken : next.length - 1
    put(next)
    drag(event, (to) => put(next.map((one, index) => (index === moved ? metres(at(to)) : one))))
  }
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label="The field from above"
      data-pad
      className="w-full max-w-[54vh] touch-none rounded-lg border border-line bg-deep"
      onPointerDown={press}
    >
      <MapRings place={place} rings={page.map.rings} />
      <polyline points={way} fill="none" className="stroke-teal" strokeWidth={1} />
      <MapMiddle place={place} />
      <FieldShape field={drawn} place={place} />
      {corners.map(([east = 0, north = 0], index) => (
        <circle
          // biome-ignore lint/suspicious/noArrayIndexKey: corners are known by their order
          key={index}
          data-corner={index}
          cx={place.across(east)}
          cy={place.down(north)}
          r={5}
          className="cursor-move fill-ember stroke-deep"
        />
      ))}
      <MapMarks place={place} bar={page.map.bar} />
    </svg>
  )
}

/** The same as numbers, for the keyboard and for what was measured. */
function Corners({ tool, corners, put }: { tool: Tool; corners: number[][]; put: (corners: number[][]) => void }) {
  const what = tool === 'outline' ? 'Corner' : 'End'
  const set = (index: number, axis: number, to: number) =>
    put(corners.map((one, at) => (at === index ? one.map((is, other) => (other === axis ? to : is)) : one)))
  return (
    <section aria-label={tool === 'outline' ? 'Corners' : 'Ends of the runway'}>
      <p className="flex items-center gap-2">
        <span className="flex-1 text-muted">Metres east and north of home</span>
        <IconButton
          icon={Undo2}
          label={`Take the last ${what.toLowerCase()} away`}
          disabled={corners.length === 0}
          onClick={() => put(corners.slice(0, -1))}
        />
      </p>
      <ul className="max-h-48 overflow-auto">
        {corners.map((one, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: corners are known by their order
          <li key={index} className="flex items-center gap-1 py-0.5">
            <span className="figures w-6 text-muted">{index + 1}</span>
            {['east', 'north'].map((axis, at) => (
              <input
                key={axis}
                type="number"
                aria-label={`${what} ${index + 1}, metres ${axis}`}
                value={Math.round(one[at] ?? 0)}
                onChange={(event) => set(index, at, Number(event.target.value))}
                className={`${INPUT} figures w-20 text-right`}
              />
            ))}
            <IconButton
              icon={X}
              label={`Remove ${what.toLowerCase()} ${index + 1}`}
              onClick={() => put(corners.filter((_, at) => at !== index))}
            />
          </li>
        ))}
      </ul>
      {(tool === 'outline' || corners.length < 2) && (
        <Button look="bare" onClick={() => put([...corners, [0, 0]])}>
          Add {tool === 'outline' ? 'a corner' : 'an end'} at home
        </Button>
      )}
    </section>
  )
}
