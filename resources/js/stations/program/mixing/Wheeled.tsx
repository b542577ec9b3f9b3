import { percent } from '@/parts/words'
import type { Moved, Picked } from './surfaces'

/** Degrees that a wheel is drawn turned at full steering. */
const LOCK = 30
/** Pixels of the motor's arrow at full power. */
const ARROW = 46

function Wheel({ x, y, turned }: { x: number; y: number; turned: number }) {
  return (
    <rect
      x={-9}
      y={-22}
      width="18"
      height="44"
      rx="5"
      transform={`translate(${x} ${y}) rotate(${turned * LOCK})`}
      className={`${turned === 0 ? 'fill-edge' : 'fill-teal'} stroke-deep`}
      strokeWidth="2"
    />
  )
}

/** A ground vehicle from above: its wheels as they are steered, its motor forward or back. */
export function Wheeled({ parts, at, pick }: Picked) {
  const [front, rear] = Object.entries(parts)
    .filter(([part]) => part.startsWith('steering'))
    .map(([, moved]) => moved as Moved)
  const motor = parts.motor
  const tip = -(motor?.value ?? 0) * ARROW
  const rows = [front, motor, rear].filter((one): one is Moved => one !== undefined)
  return (
    <div className="grid h-full min-h-0 grid-rows-[1fr_auto] gap-2">
      <svg viewBox="0 0 300 260" role="img" aria-label="The vehicle from above" className="min-h-0 w-full">
        <text x="6" y="16" className="fill-muted text-[14px]">
          From above, front up
        </text>
        <path d="M112 66h76l8 22v92l-8 22h-76l-8-22V88z" className="fill-deep stroke-line" strokeWidth="2" />
        <path d="M84 70h132M84 196h132" className="stroke-edge" strokeWidth="5" />
        {[80, 220].map((x) => (
          <g key={x}>
            <Wheel x={x} y={70} turned={front?.value ?? 0} />
            <Wheel x={x} y={196} turned={rear?.value ?? 0} />
          </g>
        ))}
        {motor?.turns && (
          <path
            d={`M150 134V${134 + tip}m-9 ${tip < 0 ? 10 : -10}l9 ${tip < 0 ? -10 : 10}l9 ${tip < 0 ? 10 : -10}`}
            className="fill-none stroke-ember"
            strokeWidth="5"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        )}
        <circle cx="150" cy="134" r="7" className="fill-edge" />
      </svg>
      <fieldset aria-label="Channels" className="flex flex-wrap justify-center gap-2">
        {rows.map((moved) => (
          <button
            key={moved.channel}
            type="button"
            data-surface={moved.name}
            onClick={() => pick(moved.channel)}
            className={`rounded-lg border px-3 py-1 text-sm ${moved.channel === at ? 'border-sodium' : 'border-line hover:border-edge'}`}
          >
            {moved.name} <span className="figures text-teal">{percent(moved.value)}</span>
          </button>
        ))}
      </fieldset>
    </div>
  )
}
