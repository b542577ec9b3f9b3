import type { Aircraft } from '@/api/types'

/** How the time of a flight is called: what drives isn't in the air. */
export const airborne = (aircraft: Aircraft | null) =>
  aircraft?.document.family === 'ground-vehicle'
    ? { title: 'Driven', says: 'driven', minutes: 'Time driven, as 2:30', while: 'while it drives', end: 'it stopped' }
    : {
        title: 'In the air',
        says: 'in the air',
        minutes: 'Time in the air, as 2:30',
        while: 'in the air',
        end: 'landing',
      }
