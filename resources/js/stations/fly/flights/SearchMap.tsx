import { useMemo } from 'react'
import type { FlightPage, Recording } from '@/api/types'
import { percent } from '@/parts/words'
import { MapMarks, MapMiddle } from '@/recording/MapMarks'
import { placing, points } from '@/recording/placing'

const SIZE = 300

type Props = { area: NonNullable<FlightPage['search']>; flight: Recording }

/** The last of its way, its last position, and the rings in which it is searched; north up. */
export function SearchMap({ area: { map, rings }, flight }: Props) {
  const place = useMemo(() => placing(flight, SIZE, map), [flight, map])
  const way = useMemo(() => points(flight.times, place), [flight, place])
  const [east = 0, north = 0] = map.last
  const [x, y] = [place.across(east), place.down(north)]
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label={`Rings of ${rings.map((one) => one.says).join(', ')} around the middle of where it may lie`}
      data-search-map
      className="my-1 w-full rounded-lg border border-line bg-deep"
    >
      {rings.map((ring) => (
        <circle
          key={ring.share}
          cx={SIZE / 2}
          cy={SIZE / 2}
          r={place.long(ring.metres)}
          className="fill-ember/10 stroke-ember"
        >
          <title>
            {percent(ring.share)} within {ring.says}
          </title>
        </circle>
      ))}
      <polyline points={way} fill="none" className="stroke-teal" strokeWidth={1.5} />
      <MapMiddle place={place} />
      <circle cx={x} cy={y} r={5} className="fill-teal stroke-deep" />
      <MapMarks place={place} bar={map.bar} />
    </svg>
  )
}
