import { type Moved, onWing, type Picked, told, tone } from './surfaces'

const MIDDLE = 200
const HALF = 180

type Props = Picked & { wing: boolean; glider: boolean }

/** How far a surface is up or down, beside it. */
function CheckResults({
  x,
  y,
  anchor,
  moved,
}: {
  x: number
  y: number
  anchor: 'start' | 'middle' | 'end'
  moved: Moved
}) {
  return (
    <text x={x} y={y} textAnchor={anchor} className="figures fill-ink text-[14px]" data-surface={moved.name}>
      {told(moved.value, '▲', '▼')}
    </text>
  )
}

/** An aeroplane from above, nose up; and from behind, where up is up. */
export function Winged({ parts, at, pick, wing, glider }: Props) {
  const surfaces = onWing(parts)
  const edge = (channel: number) => (channel === at ? 'stroke-sodium' : 'stroke-deep')
  const leading = wing ? 40 : 62
  const chord = glider ? 26 : 38
  const sweep = wing ? 62 : 0
  const trailing = (share: number) => leading + chord + sweep * share + (wing ? 8 * (1 - share) : 0)
  const tail = 190
  const { elevator, rudder } = parts
  const leftTail = parts['left-tail']
  const rightTail = parts['right-tail']
  const motors = [
    [parts.motor, 0],
    [parts['left-motor'], -0.3],
    [parts['right-motor'], 0.3],
  ] as const
  return (
    <div className="grid h-full min-h-0 grid-rows-[3fr_2fr] gap-1">
      <svg viewBox={`0 0 ${2 * MIDDLE} 226`} className="min-h-0 w-full">
        <title>From above</title>
        <text x="6" y="14" className="fill-muted text-[14px]">
          From above
        </text>
        <path
          d={`M${MIDDLE - HALF} ${leading + sweep}L${MIDDLE} ${leading - 6}L${MIDDLE + HALF} ${leading + sweep}V${trailing(1)}L${MIDDLE} ${trailing(0) + 4}L${MIDDLE - HALF} ${trailing(1)}Z`}
          className="fill-line"
        />
        <path
          d={
            wing
              ? `M${MIDDLE - 9} 96V44Q${MIDDLE} 20 ${MIDDLE + 9} 44V96Z`
              : `M${MIDDLE - 8} 70V44Q${MIDDLE} 18 ${MIDDLE + 8} 44V70L${MIDDLE + 4} ${tail + 18}H${MIDDLE - 4}Z`
          }
          className="fill-edge"
        />
        {surfaces.map(({ side, span, moved }) => {
          const [a, b] = span
          const x1 = MIDDLE + side * a * HALF
          const x2 = MIDDLE + side * b * HALF
          return (
            <a
              key={`${moved.channel} ${side}`}
              href={`?channel=${moved.channel}`}
              aria-label={moved.name}
              onClick={(event) => {
                event.preventDefault()
                pick(moved.channel)
              }}
            >
              <path
                d={`M${x1} ${trailing(a) - 9}L${x2} ${trailing(b) - 9}V${trailing(b) + 3}L${x1} ${trailing(a) + 3}Z`}
                className={`${tone(moved.value)} ${edge(moved.channel)}`}
                strokeWidth="2"
              />
              <CheckResults x={(x1 + x2) / 2} y={(trailing(a) + trailing(b)) / 2 + 17} anchor="middle" moved={moved} />
            </a>
          )
        })}
        {elevator && (
          <g>
            <path d={`M${MIDDLE - 52} ${tail - 10}h104v12h-104Z`} className="fill-line" />
            <path
              d={`M${MIDDLE - 52} ${tail + 2}h104v11h-104Z`}
              className={`${tone(elevator.value)} ${edge(elevator.channel)}`}
              strokeWidth="2"
            />
            <CheckResults x={MIDDLE - 60} y={tail + 11} anchor="end" moved={elevator} />
          </g>
        )}
        {rudder && (
          <g transform={`rotate(${-rudder.value * 25} ${MIDDLE} ${tail + 12})`}>
            <path
              d={`M${MIDDLE - 3} ${tail + 12}h6v20h-6Z`}
              className={`${tone(rudder.value)} ${edge(rudder.channel)}`}
              strokeWidth="1"
            />
          </g>
        )}
        {[
          [leftTail, -1],
          [rightTail, 1],
        ].map(
          ([moved, side]) =>
            typeof moved === 'object' && (
              <g key={moved.channel}>
                <path
                  d={`M${MIDDLE + Number(side) * 6} ${tail - 6}L${MIDDLE + Number(side) * 60} ${tail + 8}V${tail + 20}L${MIDDLE + Number(side) * 6} ${tail + 14}Z`}
                  className={`${tone(moved.value)} ${edge(moved.channel)}`}
                  strokeWidth="2"
                />
                <CheckResults
                  x={MIDDLE + Number(side) * 66}
                  y={tail + 18}
                  anchor={side === 1 ? 'start' : 'end'}
                  moved={moved}
                />
              </g>
            ),
        )}
        {motors.map(
          ([motor, place]) =>
            motor && (
              <g key={motor.channel}>
                <circle
                  cx={MIDDLE + place * HALF}
                  cy={wing && place === 0 ? 106 : 26}
                  r="9"
                  className={`fill-deep ${motor.channel === at ? 'stroke-sodium' : 'stroke-edge'}`}
                  strokeWidth="2"
                />
                <path
                  d={`M${MIDDLE + place * HALF - 16} ${wing && place === 0 ? 106 : 26}h32`}
                  className={motor.turns ? 'stroke-teal' : 'stroke-edge'}
                  strokeWidth={motor.turns ? 3.5 : 1.5}
                />
                <text
                  x={MIDDLE + place * HALF + (wing && place === 0 ? 0 : 22)}
                  y={wing && place === 0 ? 132 : 30}
                  textAnchor={wing && place === 0 ? 'middle' : 'start'}
                  className="figures fill-ink text-[14px]"
                  data-surface={motor.name}
                >
                  {motor.turns ? 'turns' : 'stands'}
                </text>
              </g>
            ),
        )}
      </svg>
      <svg viewBox={`0 0 ${2 * MIDDLE} 110`} role="img" aria-label="From behind" className="min-h-0 w-full">
        <text x="6" y="14" className="fill-muted text-[14px]">
          From behind
        </text>
        <path
          d={`M${MIDDLE - HALF} 56L${MIDDLE} 64L${MIDDLE + HALF} 56`}
          className="fill-none stroke-edge"
          strokeWidth="4"
        />
        <circle cx={MIDDLE} cy="64" r="11" className="fill-line stroke-edge" strokeWidth="2" />
        {surfaces.map(({ side, span, moved }) => {
          const [a, b] = span
          const left = MIDDLE + side * (side < 0 ? b : a) * HALF
          const tall = Math.max(2, Math.abs(moved.value) * 32)
          const y = 64 - 8 * ((a + b) / 2)
          return (
            <rect
              key={`${moved.channel} ${side}`}
              x={left}
              width={(b - a) * HALF}
              y={moved.value > 0 ? y : y - tall}
              height={tall}
              className={`${tone(moved.value)} ${edge(moved.channel)}`}
              strokeWidth="1.5"
            />
          )
        })}
        {elevator && (
          <g>
            <path d={`M${MIDDLE - 36} 34h72`} className="stroke-edge" strokeWidth="3" />
            <rect
              x={MIDDLE - 36}
              width="72"
              y={elevator.value > 0 ? 34 : 34 - Math.max(1, Math.abs(elevator.value) * 22)}
              height={Math.max(1, Math.abs(elevator.value) * 22)}
              className={tone(elevator.value)}
            />
          </g>
        )}
        {rudder && (
          <g>
            <path d={`M${MIDDLE} 53V14`} className="stroke-edge" strokeWidth="3" />
            <rect
              x={rudder.value > 0 ? MIDDLE : MIDDLE - Math.abs(rudder.value) * 24}
              width={Math.max(1, Math.abs(rudder.value) * 24)}
              y="14"
              height="26"
              className={tone(rudder.value)}
            />
            <text x={MIDDLE + 32} y="20" className="figures fill-ink text-[14px]" data-surface={rudder.name}>
              {told(rudder.value, '◀ left', '▶ right')}
            </text>
          </g>
        )}
        {[
          [leftTail, -1],
          [rightTail, 1],
        ].map(
          ([moved, side]) =>
            typeof moved === 'object' && (
              // A panel's trailing edge goes off at a right angle to it.
              <g key={moved.channel} transform={`rotate(${Number(side) * 51} ${MIDDLE} 53)`}>
                <path d={`M${MIDDLE} 53V-4`} className="stroke-edge" strokeWidth="4" />
                <rect
                  x={Number(side) * moved.value > 0 ? MIDDLE : MIDDLE - Math.max(1, Math.abs(moved.value) * 22)}
                  width={Math.max(1, Math.abs(moved.value) * 22)}
                  y="-2"
                  height="40"
                  className={`${tone(moved.value)} ${edge(moved.channel)}`}
                />
              </g>
            ),
        )}
        <text x="394" y="104" textAnchor="end" className="fill-muted text-[14px]">
          teal up, ember down
        </text>
      </svg>
    </div>
  )
}
