import type { Placing } from '@/recording/placing'

type Props = { field: { outline: number[][]; runway: number[][] }; place: Placing }

/** A field from above: its outline broken, its runway a bar. */
export function FieldShape({ field: { outline, runway }, place }: Props) {
  const points = (corners: number[][]) =>
    corners.map(([east = 0, north = 0]) => `${place.across(east)},${place.down(north)}`).join(' ')
  return (
    <>
      {outline.length > 0 && (
        <polygon data-outline points={points(outline)} fill="none" className="stroke-sodium" strokeDasharray="6 4">
          <title>The outline of the field</title>
        </polygon>
      )}
      {runway.length > 1 && (
        <polyline data-runway points={points(runway)} className="stroke-edge" strokeWidth={5} strokeOpacity={0.6}>
          <title>The runway</title>
        </polyline>
      )}
    </>
  )
}
