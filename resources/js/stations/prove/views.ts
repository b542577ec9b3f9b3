import type { ComponentType } from 'react'
import type { Aircraft, Program } from '@/api/types'
import type { ViewOf } from '@/parts/places'
import { BenchView } from './bench/BenchView'
import { FailsafeView } from './failsafe/FailsafeView'
import { FindingsView } from './findings/FindingsView'
import { LiveView } from './live/LiveView'
import { SetupView } from './setup/SetupView'
import { SwitchMapView } from './switch-map/SwitchMapView'

export type View = { aircraft: Aircraft; document: Program }

/** What each view of Prove shows. */
export const VIEWS: Record<ViewOf<'prove'>, ComponentType<View>> = {
  live: LiveView,
  bench: BenchView,
  findings: FindingsView,
  'switch-map': SwitchMapView,
  setup: SetupView,
  failsafe: FailsafeView,
}
