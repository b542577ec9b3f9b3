import { Headphones, Package, Plane, ShieldCheck, Waypoints } from 'lucide-react'
import type { Readiness } from '@/api/types'
import { PLACES, type StationId } from '@/parts/places'

export type StationState = { shape: string; word: string; tone: string }

const NOT_STARTED: StationState = { shape: '○', word: 'not started', tone: 'text-muted' }
const LEFT: StationState = { shape: '▲', word: 'something is left', tone: 'text-sodium' }
const DONE: StationState = { shape: '✓', word: 'done', tone: 'text-teal' }

const ICONS: Record<StationId, typeof Plane> = {
  kit: Package,
  program: Waypoints,
  prove: ShieldCheck,
  telemetry: Headphones,
  fly: Plane,
}

/** The five stations in the order of the work. */
export const STATIONS = Object.values(PLACES).map((one) => ({ ...one, icon: ICONS[one.path] }))

/** How a station stands: as its items of the readiness list do. */
export function stateOf(station: StationId, readiness: Readiness | undefined): StationState {
  const items = readiness?.items.filter((one) => one.place.startsWith(`${station}/`)) ?? []
  const left = items.filter((one) => one.state === 'open' || one.state === 'changed')
  if (items.length === 0) return NOT_STARTED
  if (left.length === 0) return DONE
  return left.length === items.length && left.every((one) => one.state === 'open') ? NOT_STARTED : LEFT
}
