import type { Ruler } from '@/api/types'

/** Where a pulse stands on the ruler, in per cent from its left end. */
export const place = (pulse: number, { from, to }: Ruler): number => ((pulse - from) / (to - from)) * 100

/** The marks of the ruler that carry a number. */
export const marks = ({ from, low, centre, high, to }: Ruler): number[] => [from, low, centre, high, to]
