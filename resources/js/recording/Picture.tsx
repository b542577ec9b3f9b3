import { useEffect, useMemo, useRef } from 'react'
import type { Recording } from '@/api/types'
import { player } from './player'
import { rowAt } from './rows'

const SIZE = 200
const LOW = 90
const MARGIN = 14

/** The flight from above and from the side, home in the middle of the ground; the dot is now. */
export function Picture({ flight }: { flight: Recording }) {
  const dots = useRef<(SVGCircleElement | null)[]>([])
  const { truth, times } = flight
  const { around, top, says } = flight.extent
  const drawn = useMemo(() => {
    const { east, north, height } = truth
    const long = (metres: number) => (metres / around) * (SIZE / 2 - MARGIN)
    const across = (metres: number) => SIZE / 2 + long(metres)
    const down = (metres: number) => SIZE / 2 - long(metres)
    const x = (row: number) => across(east?.[row] ?? 0)
    const y = (row: number) => down(north?.[row] ?? 0)
    const z = (row: number) => LOW - MARGIN - ((height?.[row] ?? 0) / top) * (LOW - 2 * MARGIN)
    const known = (row: number) => typeof east?.[row] === 'number' && typeof north?.[row] === 'number'
    const path = (up: (row: number) => number) =>
      times
        .map((_, row) => (row % 5 === 0 && known(row) ? `${x(row).toFixed(1)},${up(row).toFixed(1)}` : ''))
        .filter(Boolean)
        .join(' ')
    const at = (row: number) => ({ x: x(row), y: y(row), z: z(row) })
    return { above: path(y), side: path(z), at, long, across, down }
  }, [truth, times, around, top])
  useEffect(() => {
    const put = (time: number) => {
      const now = drawn.at(rowAt({ times }, time))
      dots.current[0]?.setAttribute('transform', `translate(${now.x} ${now.y})`)
      dots.current[1]?.setAttribute('transform', `translate(${now.x} ${now.z})`)
    }
    put(player.state.time)
    return player.watch((state) => put(state.time))
  }, [drawn, times])
  const wind = ((flight.wind?.from ?? 0) * Math.PI) / 180
  return (
    <div className="grid gap-1">
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        role="img"
        aria-label="The flight from above"
        className="w-full rounded-lg border border-line bg-deep"
      >
        <text x={6} y={16} className="fill-muted" fontSize={14}>
          from above, ±{says.around}
        </text>
        <polyline points={drawn.above} fill="none" className="stroke-teal" strokeWidth={1} />
        {flight.last?.rings.map((ring) => (
          <circle
            key={ring.says}
            data-ring={ring.says}
            cx={drawn.across(flight.last?.east ?? 0)}
            cy={drawn.down(flight.last?.north ?? 0)}
            r={drawn.long(ring.metres)}
            fill="none"
            className="stroke-rose"
            strokeDasharray="4 3"
            strokeWidth={1}
          />
        ))}
        <path
          d={`M ${SIZE / 2 - 5} ${SIZE / 2} h 10 M ${SIZE / 2} ${SIZE / 2 - 5} v 10`}
          className="stroke-ink"
          strokeWidth={1.5}
        />
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
        <circle
          ref={(one) => {
            dots.current[0] = one
          }}
          r={4}
          className="fill-ember"
        />
      </svg>
      <svg
        viewBox={`0 0 ${SIZE} ${LOW}`}
        role="img"
        aria-label="The flight from the side"
        className="w-full rounded-lg border border-line bg-deep"
      >
        <text x={6} y={15} className="fill-muted" fontSize={14}>
          from the side, to {says.top}
        </text>
        <line x1={0} x2={SIZE} y1={LOW - MARGIN} y2={LOW - MARGIN} className="stroke-edge" />
        <polyline points={drawn.side} fill="none" className="stroke-teal" strokeWidth={1} />
        <circle
          ref={(one) => {
            dots.current[1] = one
          }}
          r={4}
          className="fill-ember"
        />
      </svg>
    </div>
  )
}
