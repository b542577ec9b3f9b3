import type { Line } from '@/api/types'

type Props = {
  lines: Line[]
  /** The phase whose line is drawn strong. */
  phase: string
  dot: { x: number; y: number } | null
  title: string
}

const SIZE = 240
const EDGE = 1.5

const across = (x: number) => ((x + 1) / 2) * SIZE
const down = (y: number) => ((EDGE - y) / (2 * EDGE)) * SIZE

/** A function's answer to its stick: the stick from left to right, the value upwards, the live dot on it. */
export function ShapePlot({ lines, phase, dot, title }: Props) {
  const path = (line: Line) => line.points.map(([x, y], i) => `${i ? 'L' : 'M'}${across(x)} ${down(y)}`).join('')
  return (
    <svg viewBox={`-4 -4 ${SIZE + 8} ${SIZE + 8}`} role="img" aria-label={title} className="max-h-56 w-full">
      <rect width={SIZE} height={SIZE} rx="8" className="fill-deep" />
      {[-1, 0, 1].map((at) => (
        <g key={at} className="stroke-line" strokeWidth="1">
          <path d={`M0 ${down(at)}H${SIZE}`} strokeDasharray={at ? '2 4' : undefined} />
          <path d={`M${across(at)} 0V${SIZE}`} strokeDasharray={at ? '2 4' : undefined} />
        </g>
      ))}
      <text x="4" y={down(1) - 4} className="fill-muted text-[11px]">
        100 %
      </text>
      <text x="4" y={down(-1) + 13} className="fill-muted text-[11px]">
        −100 %
      </text>
      {lines
        .filter((line) => line.phase !== phase)
        .map((line) => (
          <path key={line.phase} d={path(line)} className="fill-none stroke-edge" strokeWidth="1.2" opacity="0.6" />
        ))}
      {lines
        .filter((line) => line.phase === phase)
        .map((line) => (
          <path key={line.phase} d={path(line)} className="fill-none stroke-sodium" strokeWidth="2.4" />
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
