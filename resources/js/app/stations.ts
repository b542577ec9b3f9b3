import { Headphones, Package, Plane, ShieldCheck, Waypoints } from 'lucide-react'
import type { Aircraft, Proof } from '@/api/types'

export type StationState = { shape: string; word: string; tone: string }

const NOT_STARTED: StationState = { shape: '○', word: 'not started', tone: 'text-muted' }
const LOOK: StationState = { shape: '▲', word: 'needs a look', tone: 'text-sodium' }
const DONE: StationState = { shape: '✓', word: 'done', tone: 'text-teal' }

/** The five stations in the order of the work. */
export const STATIONS = [
  { path: 'kit', name: 'Kit', icon: Package, says: 'What is on the bench' },
  { path: 'wire', name: 'Wire', icon: Waypoints, says: 'What means what, and where it goes' },
  { path: 'prove', name: 'Prove', icon: ShieldCheck, says: 'What the channels do' },
  { path: 'sense', name: 'Sense', icon: Headphones, says: 'What the aircraft tells' },
  { path: 'fly', name: 'Fly', icon: Plane, says: 'Checklists, flights, logs' },
] as const

/** The closer looks of the stations, for the palette. */
export const CLOSER_LOOKS = [
  ['kit/binding', 'Binding'],
  ['wire/mixing', 'Mixing'],
  ['wire/shapes', 'Shapes'],
  ['wire/phases', 'Phases'],
  ['wire/styles', 'Styles'],
  ['wire/ladder', 'Ladder'],
  ['wire/sheet', 'Sheet'],
  ['prove/bench', 'Bench'],
  ['prove/findings', 'Findings'],
  ['prove/states', 'States'],
  ['prove/setup', 'Controller set-up'],
  ['prove/failsafe', 'Failsafe'],
  ['sense/values', 'Values'],
  ['sense/alarms', 'Alarms'],
  ['sense/speech', 'Speech'],
  ['sense/rehearsal', 'Rehearsal'],
] as const

export function stateOf(path: string, aircraft: Aircraft | null, proof: Proof | null): StationState {
  if (path === 'kit' && aircraft?.document.receiver && proof) return proof.misfits > 0 ? LOOK : DONE
  if (path === 'wire' && aircraft) return aircraft.gaps.length > 0 ? LOOK : DONE
  if (path === 'prove' && proof) {
    return !proof.complete || proof.findings.some((one) => one.severity !== 'note') ? LOOK : DONE
  }
  if (path === 'sense' && proof && proof.sense !== null) return proof.sense > 0 ? LOOK : DONE
  return NOT_STARTED
}
