import { PenLine } from 'lucide-react'
import { useMemo, useState } from 'react'
import type { FlightPage, Recording } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { clock } from '@/recording/clock'
import { MapMarks, MapRings } from '@/recording/MapMarks'
import { type Placing, placing, points } from '@/recording/placing'
import { TwoViews } from '@/recording/TwoViews'
import { DrawField } from './DrawField'
import { FieldShape } from './FieldShape'

const SIZE = 300

/** From the lowest to the highest. */
const COLOURS = ['var(--track-1)', 'var(--track-2)', 'var(--track-3)', 'var(--track-4)', 'var(--track-5)']

type By = 'height' | 'speed' | 'climb' | 'link'

const BY: { id: By; name: string }[] = [
  { id: 'height', name: 'Coloured by height' },
  { id: 'speed', name: 'Coloured by speed' },
  { id: 'climb', name: 'Coloured by climb' },
  { id: 'link', name: 'Coloured by link quality' },
]

/** Where it was, from above and from the side: home in the middle, north up. */
export function Track({ flight, page }: { flight: Recording; page: FlightPage }) {
  const { map, field } = page
  const [drawing, setDrawing] = useState(false)
  const [by, setBy] = useState<By>('height')
  const { truth, times } = flight
  const link = flight.values.find((one) => one.id === 'link-quality')?.data ?? null
  const colour = by === 'link' ? link : truth[by]
  const place = useMemo(() => placing(flight, SIZE), [flight])
  const drawn = useMemo(
    () => ({
      above: pieces(times, place.known, colour, place.x, place.y),
      side: pieces(times, place.known, colour, place.x, place.z),
    }),
    [place, times, colour],
  )
  if (!truth.east) {
    return <p className="mt-3 text-muted text-sm">◌ Nothing in this recording says where it was.</p>
  }
  const known = BY.filter((one) => (one.id === 'link' ? link !== null : truth[one.id] !== null))
  return (
    <section aria-label="Track" className="mt-3 grid gap-1">
      <Choice label="What colours the track" value={by} options={known} onChange={(to) => setBy(to as By)} />
      <TwoViews
        flight={flight}
        place={place}
        above={
          <>
            <MapRings place={place} rings={map.rings} />
            {field && <FieldShape field={field} place={place} />}
            {drawn.above}
            <Found map={map} times={times} place={place} />
          </>
        }
        side={drawn.side}
      >
        <MapMarks place={place} bar={map.bar} />
      </TwoViews>
      <p className="flex items-center gap-1 text-muted text-sm" aria-hidden>
        low
        {COLOURS.map((one) => (
          <span key={one} className="h-1.5 flex-1 rounded" style={{ background: one }} />
        ))}
        high
      </p>
      <Button onClick={() => setDrawing(true)}>
        <PenLine size={15} aria-hidden /> {field ? `Change ${field.name}…` : 'Draw its field…'}
      </Button>
      {drawing && <DrawField flight={flight} page={page} onClose={() => setDrawing(false)} />}
    </section>
  )
}

type FoundProps = { map: FlightPage['map']; times: number[]; place: Placing }

/** Circles with their climb, and thick where the link was worse than predicted. */
function Found({ map, times, place }: FoundProps) {
  return (
    <>
      {map.nulls.map((one) => (
        <polyline
          key={one.from}
          data-null
          points={points(times, place, (row) => within(times[row] ?? 0, one))}
          fill="none"
          className="stroke-rose"
          strokeWidth={5}
          strokeOpacity={0.5}
        >
          <title>
            {one.says}, from {clock(one.from)}
          </title>
        </polyline>
      ))}
      {map.circles.map((one) => (
        <g key={one.at} data-circles className={one.rises ? 'fill-teal stroke-teal' : 'fill-sodium stroke-sodium'}>
          <circle
            cx={place.across(one.east)}
            cy={place.down(one.north)}
            r={place.long(one.metres)}
            fillOpacity={0.12}
            strokeWidth={1}
          />
          <Beneath circle={one} place={place} />
        </g>
      ))}
    </>
  )
}

/** What circles brought, beside them on the side where there is room. */
function Beneath({ circle, place }: { circle: FlightPage['map']['circles'][number]; place: Placing }) {
  const [x, away] = [place.across(circle.east), place.long(circle.metres) + 4]
  const left = x > (SIZE * 2) / 3
  return (
    <text
      x={left ? x - away : x + away}
      y={place.down(circle.north) + 5}
      textAnchor={left ? 'end' : 'start'}
      fontSize={14}
      strokeWidth={4}
      paintOrder="stroke"
      className="stroke-deep"
    >
      {circle.says}
    </text>
  )
}

const within = (time: number, { from, to }: { from: number; to: number }) => time >= from && time <= to

type Column = (number | null)[] | null | undefined

/** The way in pieces of one colour; the next begins where the last ends. */
function pieces(
  times: number[],
  known: (row: number) => boolean,
  colour: Column,
  x: (row: number) => number,
  y: (row: number) => number,
) {
  const there = (colour ?? []).filter((one) => one !== null)
  const [low, high] = there.length === 0 ? [0, 1] : [Math.min(...there), Math.max(...there)]
  const of = (row: number) => {
    const value = colour?.[row]
    if (typeof value !== 'number' || high === low) return 0
    return Math.min(COLOURS.length - 1, Math.floor(((value - low) / (high - low)) * COLOURS.length))
  }
  const all: { colour: number; points: string[] }[] = []
  for (let row = 0; row < times.length; row++) {
    if (!known(row)) continue
    const point = `${x(row).toFixed(1)},${y(row).toFixed(1)}`
    const last = all.at(-1)
    last?.points.push(point)
    if (!last || last.colour !== of(row)) all.push({ colour: of(row), points: [point] })
  }
  return all
    .filter((one) => one.points.length > 1)
    .map((one) => (
      <polyline
        key={`${one.points.length} ${one.points[0]} ${one.points.at(-1)}`}
        points={one.points.join(' ')}
        fill="none"
        stroke={COLOURS[one.colour]}
        strokeWidth={1.5}
      />
    ))
}
