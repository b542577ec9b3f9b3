import type { Recording } from '@/api/types'

/** The row of a recording that holds at a time: the last that isn't later, or the first. */
export function rowAt({ times }: Pick<Recording, 'times'>, time: number): number {
  return last(times, (one) => one, time)
}

/** What holds at a time of what is told where it changes; undefined where nothing is told. */
export function nowOf<T extends { t: number }>(changes: T[], time: number): T | undefined {
  return changes[last(changes, (one) => one.t, time)]
}

/** The place of the last that isn't later than a time, or 0. */
function last<T>(all: T[], at: (one: T) => number, time: number): number {
  let [from, to] = [0, all.length]
  while (to - from > 1) {
    const middle = (from + to) >> 1
    const one = all[middle]
    if (one !== undefined && at(one) <= time + 1e-9) from = middle
    else to = middle
  }
  return from
}
