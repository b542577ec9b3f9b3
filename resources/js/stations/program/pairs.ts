/** Both sides of a pair that may be written as one number. */
export const both = (range: number | number[] | undefined, otherwise: number): [number, number] =>
  typeof range === 'number' ? [range, range] : [range?.[0] ?? otherwise, range?.[1] ?? otherwise]
