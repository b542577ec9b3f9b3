import { useFrame } from '@/api/live'
import { across, down, SIZE } from '@/parts/plane'
import { percent } from '@/parts/words'

/** Where the function in view stands on its line. */
export function LiveDot() {
  const x = useFrame((frame) => frame.dot?.x) ?? null
  const y = useFrame((frame) => frame.dot?.y) ?? null
  if (x === null || y === null) return null
  return (
    <g data-dot={`${x.toFixed(3)} ${y.toFixed(3)}`}>
      <path d={`M${across(x)} ${SIZE}V${down(y)}H0`} className="fill-none stroke-teal" strokeDasharray="3 3" />
      <circle cx={across(x)} cy={down(y)} r="6" className="fill-teal stroke-deep" strokeWidth="2" />
    </g>
  )
}

/** The same in figures. */
export function LiveFigures() {
  const x = useFrame((frame) => frame.dot?.x) ?? null
  const y = useFrame((frame) => frame.dot?.y) ?? null
  if (x === null || y === null) return null
  return (
    <span className="figures text-teal" data-dot-value>
      {percent(x)} → {percent(y, 1)}
    </span>
  )
}

/** A function's value now. */
export function LiveValue({ id }: { id: string }) {
  return <span className="figures shrink-0 text-teal">{percent(useFrame((frame) => frame.functions[id]) ?? 0)}</span>
}
