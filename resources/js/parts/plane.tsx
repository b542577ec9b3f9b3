import { FARTHEST } from '@/parts/limits'

/** The plane that shapes and curves are drawn on: the stick from left to right, the value upwards. */
export const SIZE = 240
export const EDGE = FARTHEST

export const across = (x: number) => ((x + 1) / 2) * SIZE
export const down = (y: number) => ((EDGE - y) / (2 * EDGE)) * SIZE

export const path = (points: readonly (readonly number[])[]) =>
  points.map(([x = 0, y = 0], index) => `${index ? 'L' : 'M'}${across(x)} ${down(y)}`).join('')

export function Grid() {
  return (
    <>
      <rect width={SIZE} height={SIZE} rx="8" className="fill-deep" />
      {[-1, -0.5, 0, 0.5, 1].map((at) => (
        <g key={at} className="stroke-line" strokeWidth={at === 0 ? 1.4 : 0.8}>
          <path d={`M0 ${down(at)}H${SIZE}`} strokeDasharray={at ? '2 4' : undefined} />
          <path d={`M${across(at)} 0V${SIZE}`} strokeDasharray={at ? '2 4' : undefined} />
        </g>
      ))}
      <text x="4" y={down(1) - 4} className="fill-muted text-[11px]">
        100 %
      </text>
      <text x="4" y={down(-1) + 12} className="fill-muted text-[11px]">
        −100 %
      </text>
    </>
  )
}
