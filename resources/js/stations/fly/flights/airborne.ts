import type { Aircraft } from '@/api/types'

/** How the time of a flight is called: what drives isn't in the air. */
export const airborne = (aircraft: Aircraft | null) =>
  aircraft?.document.family === 'ground-vehicle'
    ? { title: 'Driven', says: 'driven', minutes: 'Minutes driven', while: 'while it drives', end: 'it stopped' }
    : { title: 'In the air', says: 'in the air', minutes: 'Minutes in the air', while: 'in the air', end: 'landing' }
