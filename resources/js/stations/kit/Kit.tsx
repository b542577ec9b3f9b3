import { useParams } from 'react-router'
import { useWorkbench } from '@/api/workbench'
import { Views } from '@/parts/Views'
import { VIEWS } from './views'

/** What is on the bench, and how it's brought together. */
export default function Kit() {
  const { aircraft, document } = useWorkbench()
  const { view = '' } = useParams()
  const here = VIEWS.find((one) => one.path === view) ?? VIEWS[0]
  if (!aircraft || !document || !here) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views label="Views of Kit" base={`/aircraft/${aircraft.id}/kit`} here={here.path} views={VIEWS} />
      <div className="min-h-0 flex-1">
        <here.view aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
