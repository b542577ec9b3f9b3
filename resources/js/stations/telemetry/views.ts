import { type ComponentType, lazy } from 'react'
import { load } from '@/api/load'
import type { Aircraft, Program, SenseLook } from '@/api/types'
import type { ViewOf } from '@/parts/places'
import { AlarmsView } from './alarms/AlarmsView'
import { CalloutsView } from './callouts/CalloutsView'
import { PagesView } from './pages/PagesView'
import { SensorsView } from './sensors/SensorsView'
import { ValuesView } from './values/ValuesView'

export type View = { aircraft: Aircraft; document: Program; look: SenseLook }

/** What each view of Telemetry shows. */
export const VIEWS: Record<ViewOf<'telemetry'>, ComponentType<View>> = {
  sensors: SensorsView,
  values: ValuesView,
  alarms: AlarmsView,
  callouts: CalloutsView,
  pages: PagesView,
  rehearsal: lazy(() => load(() => import('./rehearsal/RehearsalView'))),
}
