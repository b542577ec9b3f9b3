import { type ComponentType, lazy } from 'react'
import type { Aircraft, Program, SenseLook } from '@/api/types'
import { AlarmsView } from './alarms/AlarmsView'
import { ChainView } from './chain/ChainView'
import { SpeechView } from './speech/SpeechView'
import { ValuesView } from './values/ValuesView'

export type View = { aircraft: Aircraft; document: Program; look: SenseLook }

type Entry = { path: string; name: string; view: ComponentType<View> }

/** The views of Sense. */
export const VIEWS: Entry[] = [
  { path: '', name: 'Chain', view: ChainView },
  { path: 'values', name: 'Values', view: ValuesView },
  { path: 'alarms', name: 'Alarms', view: AlarmsView },
  { path: 'speech', name: 'Speech', view: SpeechView },
  { path: 'rehearsal', name: 'Rehearsal', view: lazy(() => import('./rehearsal/RehearsalView')) },
]
