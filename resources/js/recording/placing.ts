import type { Recording } from '@/api/types'

/** How high the picture from the side is, and what stays free around. */
export const LOW = 90
const MARGIN = 16

export type Placing = ReturnType<typeof placing>

/** Where things lie in a picture of that size: home in the middle, north up; seen from the side, the ground below. */
export function placing({ truth: { east, north, height }, extent: { around, top } }: Recording, size: number) {
  const long = (metres: number) => (metres / around) * (size / 2 - MARGIN)
  const across = (metres: number) => size / 2 + long(metres)
  const down = (metres: number) => size / 2 - long(metres)
  return {
    size,
    long,
    across,
    down,
    east: (x: number) => ((x - size / 2) / (size / 2 - MARGIN)) * around,
    north: (y: number) => ((size / 2 - y) / (size / 2 - MARGIN)) * around,
    ground: LOW - MARGIN,
    x: (row: number) => across(east?.[row] ?? 0),
    y: (row: number) => down(north?.[row] ?? 0),
    z: (row: number) => LOW - MARGIN - ((height?.[row] ?? 0) / top) * (LOW - 2 * MARGIN),
    known: (row: number) => typeof east?.[row] === 'number' && typeof north?.[row] === 'number',
  }
}
