import type { Line } from '@/api/types'
import { across, down, Grid, path, SIZE } from './plane'

type Props = {
  lines: Line[]
  /** Whose line is drawn strong: a phase's, or a dual rate's. */
  place: { phase: string | null; rate: number | null }
  dot: { x: number; y: number } | null
  title: string
  className?: string
}

/** A function's answer to its stick: the stick from left to right, the value upwards, the live dot on it. */
export function ShapePlot({ lines, place, dot, title, className = 'max-h-56 w-full' }: Props) {
  const isIt = (line: Line) => line.phase === place.phase && line.rate === place.rate
  return (
    <svg
      viewBox={`-8 -8 ${SIZE + 16} ${SIZE + 16}`}
      preserveAspectRatio="xMidYMid"
      role="img"
      aria-label={title}
      className={className}
    >
      <Grid />
      {lines
        .toSorted((a, b) => Number(isIt(a)) - Number(isIt(b)))
        .map((line) => (
          <path
            key={line.phase ?? line.rate}
            data-line={line.phase ?? `rate:${line.rate}`}
            d={path(line.points)}
            className={`fill-none ${isIt(line) ? 'stroke-sodium' : 'stroke-edge'}`}
            strokeWidth={isIt(line) ? 2.4 : 1.2}
          />
        ))}
      {dot && (
        <g data-dot={`${dot.x.toFixed(3)} ${dot.y.toFixed(3)}`}>
          <path
            d={`M${across(dot.x)} ${SIZE}V${down(dot.y)}H0`}
            className="fill-none stroke-teal"
            strokeDasharray="3 3"
          />
          <circle cx={across(dot.x)} cy={down(dot.y)} r="6" className="fill-teal stroke-deep" strokeWidth="2" />
        </g>
      )}
    </svg>
  )
}
