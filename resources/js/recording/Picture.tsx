import { useMemo } from 'react'
import type { Recording } from '@/api/types'
import { placing } from './placing'
import { TwoViews } from './TwoViews'

const SIZE = 200

/** The flight from above and from the side, home in the middle of the ground; the dot is now. */
export function Picture({ flight }: { flight: Recording }) {
  const place = useMemo(() => placing(flight, SIZE), [flight])
  const drawn = useMemo(() => {
    const path = (up: (row: number) => number) =>
      flight.times
        .map((_, row) => (row % 5 === 0 && place.known(row) ? `${place.x(row).toFixed(1)},${up(row).toFixed(1)}` : ''))
        .filter(Boolean)
        .join(' ')
    return { above: path(place.y), side: path(place.z) }
  }, [flight, place])
  const line = (points: string) => <polyline points={points} fill="none" className="stroke-teal" strokeWidth={1} />
  const wind = ((flight.wind?.from ?? 0) * Math.PI) / 180
  return (
    <div className="grid gap-1">
      <TwoViews
        flight={flight}
        place={place}
        above={
          <>
            <text x={6} y={16} className="fill-muted" fontSize={14}>
              from above, ±{flight.extent.says.around}
            </text>
            {line(drawn.above)}
            {flight.last?.rings.map((ring) => (
              <circle
                key={ring.says}
                data-ring={ring.says}
                cx={place.across(flight.last?.east ?? 0)}
                cy={place.down(flight.last?.north ?? 0)}
                r={place.long(ring.metres)}
                fill="none"
                className="stroke-rose"
                strokeDasharray="4 3"
                strokeWidth={1}
              />
            ))}
          </>
        }
        side={line(drawn.side)}
      >
        {flight.wind && flight.wind.speed > 0 && (
          <g transform={`translate(${SIZE - 26} ${SIZE - 30})`}>
            <line
              x1={Math.sin(wind) * 10}
              y1={-Math.cos(wind) * 10}
              x2={-Math.sin(wind) * 10}
              y2={Math.cos(wind) * 10}
              className="stroke-sodium"
              strokeWidth={2}
            />
            <circle cx={-Math.sin(wind) * 10} cy={Math.cos(wind) * 10} r={3} className="fill-sodium" />
            <text y={22} textAnchor="middle" fontSize={14} className="fill-muted">
              {flight.windSays}
            </text>
          </g>
        )}
      </TwoViews>
    </div>
  )
}
