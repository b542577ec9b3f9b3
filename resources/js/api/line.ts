import { data, GET } from './client'

const EVERY_MS = 700

/**
 * A place in the line before what takes long: a header that names the request, and who is told how many are before it.
 *
 * @param told how many; 0 once it is worked out
 */
export function placeInLine(told: (before: number) => void) {
  const ticket = [...crypto.getRandomValues(new Uint8Array(12))]
    .map((one) => one.toString(16).padStart(2, '0'))
    .join('')
  const timer = window.setInterval(async () => {
    try {
      const { before } = await data(GET('/api/line/{ticket}', { params: { path: { ticket } } }))
      told(before ?? 0)
    } catch {
      // It's told again in a moment, or the answer comes.
    }
  }, EVERY_MS)
  return { headers: { 'Dusk-Ticket': ticket }, leave: () => window.clearInterval(timer) }
}
