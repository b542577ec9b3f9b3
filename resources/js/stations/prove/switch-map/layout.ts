import type { Proof } from '@/api/types'

export type Switch = Proof['map']['switches'][number]

export type Plan = {
  down: Switch[]
  across: Switch[]
  rows: string[][]
  columns: string[][]
  /** There is room for words in a cell. */
  wide: boolean
}

/** Pixels that a cell takes with words and without, and the head of a row. */
const WORDS = 104
const SIGN = 30
const HEAD = 120

/** Every combination of some switches, as detents in their order. */
const combinations = (switches: Switch[]): string[][] =>
  switches.reduce<string[][]>(
    (sofar, one) => sofar.flatMap((before) => one.detents.map((detent) => [...before, detent])),
    [[]],
  )

/** Which switches lead down and which across, so that the map is never wider than its place. */
export function layout(switches: Switch[], width: number): Plan {
  let split = Math.ceil(switches.length / 2)
  let columns = combinations(switches.slice(split))
  while (columns.length * SIGN + HEAD > width && split < switches.length) {
    split += 1
    columns = combinations(switches.slice(split))
  }
  const [down, across] = [switches.slice(0, split), switches.slice(split)]
  return { down, across, rows: combinations(down), columns, wide: columns.length * WORDS + HEAD <= width }
}
