import { day } from '@/parts/words'

/** A time of a flight: "3:05". */
export const clock = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/** When a flight was flown, in words; all of it in UTC. */
export const when = ({ flownAt }: { flownAt: string | null }) =>
  flownAt === null ? 'No date' : `${day(flownAt, 'UTC')} ${flownAt.slice(0, 4)}, ${flownAt.slice(11, 16)}`
