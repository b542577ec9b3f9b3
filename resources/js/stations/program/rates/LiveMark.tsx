import { useFrame } from '@/api/live'
import { across, down, SIZE } from '@/parts/plane'

/** Where the stick is on a curve. */
export function LiveMark({ line }: { line: [number, number][] }) {
  const x = useFrame((frame) => frame.dot?.x) ?? null
  const under = x === null ? undefined : line.find((point) => point[0] >= x - 1e-9)
  return under ? (
    <g data-curve-dot={under[1].toFixed(3)}>
      <path
        d={`M${across(under[0])} ${SIZE}V${down(under[1])}`}
        className="fill-none stroke-teal"
        strokeDasharray="3 3"
      />
      <circle cx={across(under[0])} cy={down(under[1])} r="5" className="fill-teal" />
    </g>
  ) : null
}
