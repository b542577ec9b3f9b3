import type { ComponentType } from 'react'
import type { Aircraft, Program } from '@/api/types'
import { LadderView } from './ladder/LadderView'
import { LoomView } from './loom/LoomView'
import { MixingView } from './mixing/MixingView'
import { PhasesView } from './phases/PhasesView'
import { ShapesView } from './shapes/ShapesView'
import { SheetView } from './sheet/SheetView'
import { StylesView } from './styles/StylesView'

export type View = { aircraft: Aircraft; document: Program }

type Entry = { path: string; name: string; view: ComponentType<View>; where?: (aircraft: Aircraft) => boolean }

/** The views of Wire in the order in which one uses them. */
export const VIEWS: Entry[] = [
  { path: '', name: 'Loom', view: LoomView },
  { path: 'mixing', name: 'Mixing', view: MixingView },
  { path: 'shapes', name: 'Shapes', view: ShapesView },
  { path: 'phases', name: 'Phases', view: PhasesView },
  { path: 'styles', name: 'Styles', view: StylesView, where: (aircraft) => aircraft.styles !== null },
  { path: 'ladder', name: 'Ladder', view: LadderView },
  { path: 'sheet', name: 'Sheet', view: SheetView },
]
