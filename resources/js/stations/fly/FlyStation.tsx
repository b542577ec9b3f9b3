import { type LazyExoticComponent, lazy, type ReactNode, Suspense } from 'react'
import { load } from '@/api/load'
import type { Aircraft } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import type { ViewOf } from '@/parts/places'
import { useView, Views } from '@/parts/Views'
import { ChecklistsView } from './ChecklistsView'
import { ReadyView } from './ReadyView'

type View = (props: { aircraft: Aircraft }) => ReactNode

const VIEWS: Record<ViewOf<'fly'>, View | LazyExoticComponent<View>> = {
  ready: ReadyView,
  checklists: ChecklistsView,
  flights: lazy(() => load(() => import('./flights/FlightsView'))),
  learn: lazy(() => load(() => import('./learn/LearnView'))),
  upkeep: lazy(() => load(() => import('./upkeep/UpkeepView'))),
}

/** Ready to fly? The list of what is left, and the checklists at the field. */
export default function FlyStation() {
  const { aircraft } = useWorkbench('aircraft')
  const here = useView('fly')
  const View = VIEWS[here.path]
  if (!aircraft || !View) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views station="fly" aircraft={aircraft} here={here} />
      <div className="min-h-0 flex-1">
        <Suspense fallback={<p className="p-6 text-muted">◌ Opening…</p>}>
          <View key={aircraft.id} aircraft={aircraft} />
        </Suspense>
      </div>
    </div>
  )
}
