import type { ComponentType } from 'react'
import type { Aircraft, Program } from '@/api/types'
import { BenchView } from './bench/BenchView'
import { FailsafeView } from './failsafe/FailsafeView'
import { FindingsView } from './findings/FindingsView'
import { LiveView } from './live/LiveView'
import { SetupView } from './setup/SetupView'
import { StatesView } from './states/StatesView'

export type View = { aircraft: Aircraft; document: Program }

type Entry = { path: string; name: string; view: ComponentType<View> }

/** The views of Prove. */
export const VIEWS: Entry[] = [
  { path: '', name: 'Live', view: LiveView },
  { path: 'bench', name: 'Bench', view: BenchView },
  { path: 'findings', name: 'Findings', view: FindingsView },
  { path: 'states', name: 'States', view: StatesView },
  { path: 'setup', name: 'Controller set-up', view: SetupView },
  { path: 'failsafe', name: 'Failsafe', view: FailsafeView },
]
