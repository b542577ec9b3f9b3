import type { Recording } from '@/api/types'

/** The row of a recording that holds at a time: the last that isn't later, or the first. */
export function rowAt({ times }: Pick<Recording, 'times'>, time: number): number {
  let [from, to] = [0, times.length]
  while (to - from > 1) {
    const middle = (from + to) >> 1
    if ((times[middle] ?? 0) <= time + 1e-9) from = middle
    else to = middle
  }
  return from
}
