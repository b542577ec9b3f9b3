import { useWorkbench } from '@/api/workbench'
import { useView, Views } from '@/parts/Views'
import { VIEWS } from './views'

/** The equipment of this aircraft, and how it's brought together. */
export default function KitStation() {
  const { aircraft, document } = useWorkbench('aircraft', 'document')
  const here = useView('kit')
  const View = VIEWS[here.path]
  if (!aircraft || !document || !View) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views station="kit" aircraft={aircraft} here={here} />
      <div className="min-h-0 flex-1">
        <View aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
