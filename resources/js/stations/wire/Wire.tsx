import { useParams } from 'react-router'
import { useWorkbench } from '@/api/workbench'
import { Views } from '@/parts/Views'
import { VIEWS } from './views'

/** What means what and where it goes: the loom, and closer looks at its parts. */
export default function Wire() {
  const { aircraft, document } = useWorkbench()
  const { view = '' } = useParams()
  if (!aircraft || !document) return null
  const open = VIEWS.filter((one) => !one.where || one.where(aircraft))
  const here = open.find((one) => one.path === view) ?? open[0]
  if (!here) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views label="Views of Wire" base={`/aircraft/${aircraft.id}/wire`} here={here.path} views={open} />
      <div className="min-h-0 flex-1">
        <here.view aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
