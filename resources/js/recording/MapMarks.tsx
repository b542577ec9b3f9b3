import type { Placing } from './placing'

type Props = { place: Placing; bar: { metres: number; says: string } }

/** What a picture from above is read by: north, and a bar of a round length. */
export function MapMarks({ place: { size, long }, bar }: Props) {
  return (
    <>
      <text x={size - 22} y={20} fontSize={14} className="fill-muted">
        N
      </text>
      <path d={`M ${size - 17} 24 v 16 m -4 -12 l 4 -5 l 4 5`} fill="none" className="stroke-muted" />
      <path
        d={`M 12 ${size - 12} v 4 h ${long(bar.metres)} v -4`}
        fill="none"
        className="stroke-muted"
        strokeWidth={1.5}
      />
      <text x={12} y={size - 16} fontSize={14} className="fill-muted">
        {bar.says}
      </text>
    </>
  )
}

/** Circles around home, of round lengths. */
export function MapRings({ place: { size, long }, rings }: { place: Placing; rings: Props['bar'][] }) {
  return rings.map(({ metres }) => (
    <circle key={metres} cx={size / 2} cy={size / 2} r={long(metres)} fill="none" className="stroke-line" />
  ))
}

/** The cross in the middle of a picture. */
export function MapMiddle({ place: { size } }: { place: Placing }) {
  return (
    <path
      d={`M ${size / 2 - 5} ${size / 2} h 10 M ${size / 2} ${size / 2 - 5} v 10`}
      className="stroke-ink"
      strokeWidth={1.5}
    />
  )
}
