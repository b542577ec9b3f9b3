import type { Readiness } from '@/api/types'

/** How an item of the readiness list is drawn: a shape and a colour beside its word. */
export const STATES: Record<Readiness['items'][number]['state'], readonly [string, string]> = {
  done: ['✓', 'text-teal'],
  open: ['○', 'text-sodium'],
  changed: ['▲', 'text-sodium'],
  'not needed': ['–', 'text-muted'],
  'set aside': ['◇', 'text-muted'],
}
