import type { Line } from '@/api/types'
import { Grid, path, SIZE } from './plane'

type Props = {
  lines: Line[]
  /** Whose line is drawn strong: a phase's, or a dual rate's. */
  place: { phase: string | null; rate: number | null }
  title: string
  className?: string
  /** What is drawn upon it: the live dot. */
  children?: React.ReactNode
}

/** A function's answer to its stick: the stick from left to right, the value upwards. */
export function ShapePlot({ lines, place, title, className = 'max-h-56 w-full', children }: Props) {
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
      {children}
    </svg>
  )
}
