import type { ComponentType } from 'react'
import type { Aircraft, Program } from '@/api/types'
import type { ViewOf } from '@/parts/places'
import { LoomView } from './loom/LoomView'
import { MixingView } from './mixing/MixingView'
import { PhasesView } from './phases/PhasesView'
import { RatesView } from './rates/RatesView'
import { SheetView } from './sheet/SheetView'
import { StylesView } from './styles/StylesView'
import { ThrowsView } from './throws/ThrowsView'
import { TrainingView } from './training/TrainingView'

export type View = { aircraft: Aircraft; document: Program }

/** What each view of Program shows. */
export const VIEWS: Record<ViewOf<'program'>, ComponentType<View>> = {
  loom: LoomView,
  mixing: MixingView,
  rates: RatesView,
  throws: ThrowsView,
  phases: PhasesView,
  styles: StylesView,
  training: TrainingView,
  sheet: SheetView,
}
