import { useWorkbench } from '@/api/workbench'
import { useView, Views } from '@/parts/Views'
import { ChecklistsView } from './ChecklistsView'
import { ReadyView } from './ReadyView'

const VIEWS: Record<string, typeof ReadyView> = { ready: ReadyView, checklists: ChecklistsView }

/** Ready to fly? The list of what is left, and the checklists at the field. */
export default function FlyStation() {
  const { aircraft } = useWorkbench()
  const here = useView('fly')
  const View = VIEWS[here.path]
  if (!aircraft || !View) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views station="fly" aircraft={aircraft} here={here} />
      <div className="min-h-0 flex-1">
        <View key={aircraft.id} aircraft={aircraft} />
      </div>
    </div>
  )
}
