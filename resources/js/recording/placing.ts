import type { Recording } from '@/api/types'

/** How high the picture from the side is, and what stays free around. */
export const LOW = 90
const MARGIN = 16

export type Placing = ReturnType<typeof placing>

/** What is in the middle of a picture, in metres east and north of home, and how much is around it. */
export type Sight = { middle: number[]; around: number }

/** Where things lie in a picture of that size: home in the middle, north up; seen from the side, the ground below. */
export function placing(flight: Recording, size: number, sight?: Sight) {
  const { east, north, height } = flight.truth
  const { top } = flight.extent
  const around = sight?.around ?? flight.extent.around
  const [right = 0, up = 0] = sight?.middle ?? []
  const long = (metres: number) => (metres / around) * (size / 2 - MARGIN)
  const across = (metres: number) => size / 2 + long(metres - right)
  const down = (metres: number) => size / 2 - long(metres - up)
  return {
    size,
    long,
    across,
    down,
    east: (x: number) => right + ((x - size / 2) / (size / 2 - MARGIN)) * around,
    north: (y: number) => up + ((size / 2 - y) / (size / 2 - MARGIN)) * around,
    ground: LOW - MARGIN,
    x: (row: number) => across(east?.[row] ?? 0),
    y: (row: number) => down(north?.[row] ?? 0),
    z: (row: number) => LOW - MARGIN - ((height?.[row] ?? 0) / top) * (LOW - 2 * MARGIN),
    known: (row: number) => typeof east?.[row] === 'number' && typeof north?.[row] === 'number',
  }
}

/** A way as the points of a line: of all rows that have a place, or of those that are wanted. */
export const points = (times: number[], place: Placing, wanted: (row: number) => boolean = () => true) =>
  times
    .map((_, row) => row)
    .filter((row) => place.known(row) && wanted(row))
    .map((row) => `${place.x(row).toFixed(1)},${place.y(row).toFixed(1)}`)
    .join(' ')
