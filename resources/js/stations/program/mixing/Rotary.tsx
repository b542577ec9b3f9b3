import { FARTHEST } from '@/parts/limits'
import { percent } from '@/parts/words'
import type { Moved, Picked } from './surfaces'

type Props = Picked & { helicopter: boolean }

function Bar({ moved, chosen, pick }: { moved: Moved; chosen: boolean; pick: () => void }) {
  const wide = (Math.min(FARTHEST, Math.abs(moved.value)) / (2 * FARTHEST)) * 100
  return (
    <button
      type="button"
      onClick={pick}
      title={moved.name}
      className={`grid min-h-7 grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_4.5rem] items-center gap-2 rounded-lg border px-2 text-left text-sm max-md:min-h-11 ${chosen ? 'border-sodium' : 'border-transparent hover:border-line'}`}
    >
      <span className="truncate text-muted">{moved.name}</span>
      <span aria-hidden className="relative h-3.5 rounded bg-deep">
        <span className="absolute inset-y-0 left-1/2 w-px bg-edge" />
        <span
          className="absolute inset-y-0.5 bg-teal"
          style={{ width: `${wide}%`, [moved.value > 0 ? 'left' : 'right']: '50%' }}
        />
      </span>
      <span className="figures text-right" data-surface={moved.name}>
        {percent(moved.value)}
      </span>
    </button>
  )
}

/**
 * A multirotor or a helicopter: what the sticks ask it for, from above and from behind, and its other channels
 * as bars.
 */
export function Rotary({ parts, at, pick, helicopter }: Props) {
  const swash = Object.entries(parts).filter(([part]) => part.startsWith('swash'))
  const asked = { x: parts.roll?.value ?? 0, y: parts.pitch?.value ?? 0, turn: parts.yaw?.value ?? 0 }
  const lift = parts.collective?.value ?? parts.throttle?.value ?? parts.motor?.value ?? -1
  const bars = [
    ...swash.map(([, moved]) => moved),
    parts.throttle ?? parts.motor,
    parts.collective,
    parts.yaw ?? parts['tail-rotor'],
    parts.gain ?? parts['gyro-gain'],
    ...Object.entries(parts)
      .filter(([part]) => /^(arm|mode|auxiliary)/.test(part))
      .map(([, moved]) => moved),
  ].filter((one): one is Moved => one !== undefined)
  const arms = helicopter ? [] : [45, 135, 225, 315]
  return (
    <div className="grid min-h-0 gap-2">
      <svg viewBox="0 0 410 220" role="img" aria-label="What the sticks ask for" className="max-h-64 w-full">
        <text x="6" y="14" className="fill-muted text-[14px]">
          From above, nose up
        </text>
        <g transform="translate(110 115)">
          {arms.map((angle) => (
            <g key={angle} transform={`rotate(${angle})`}>
              <path d="M0 0V-62" className="stroke-edge" strokeWidth="5" />
              <circle cy="-66" r="26" className="fill-deep stroke-line" strokeWidth="2" />
            </g>
          ))}
          {helicopter && (
            <>
              <circle r="84" className="fill-deep stroke-line" strokeWidth="2" />
              <path d="M-7 10L-3 100H3L7 10V-34Q0 -50 -7 -34Z" className="fill-edge" />
            </>
          )}
          {!helicopter && <path d="M-11 16V-14L0 -26L11 -14V16Z" className="fill-edge" />}
          {swash.length === 0 && (
            <path
              d={`M0 0L${asked.x * 70} ${-asked.y * 70}`}
              className="stroke-teal"
              strokeWidth="4"
              strokeLinecap="round"
            />
          )}
          <circle cx={asked.x * 70} cy={-asked.y * 70} r="7" className="fill-teal stroke-deep" strokeWidth="2" />
          {Math.abs(asked.turn) > 0.02 && (
            <path
              d={`M0 -96A96 96 0 0 ${asked.turn > 0 ? 1 : 0} ${Math.sin(asked.turn) * 96} ${-Math.cos(asked.turn) * 96}`}
              className="fill-none stroke-sodium"
              strokeWidth="4"
            />
          )}
        </g>
        <text x="220" y="14" className="fill-muted text-[14px]">
          From behind
        </text>
        <g transform={`translate(305 ${130 - lift * 34}) rotate(${asked.x * 22})`}>
          <path d="M-84 0H84" className="stroke-teal" strokeWidth="5" strokeLinecap="round" />
          {arms.length > 0 && (
            <>
              <circle cx="-66" r="6" className="fill-edge" />
              <circle cx="66" r="6" className="fill-edge" />
            </>
          )}
        </g>
        <path d="M305 130v54" className="stroke-edge" strokeWidth="6" />
        <path d="M270 186h70" className="stroke-line" strokeWidth="3" />
        <text x="305" y="212" textAnchor="middle" className="fill-muted text-[14px]">
          higher: more lift asked for
        </text>
      </svg>
      <fieldset aria-label="Channels as bars" className="mt-2 grid min-w-0">
        {bars.map((moved) => (
          <Bar key={moved.channel} moved={moved} chosen={moved.channel === at} pick={() => pick(moved.channel)} />
        ))}
      </fieldset>
    </div>
  )
}
