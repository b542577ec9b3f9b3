import { useParams } from 'react-router'
import { useProof } from '@/api/proof'
import { useWorkbench } from '@/api/workbench'
import { Views } from '@/parts/Views'
import { VIEWS } from './views'

/** Is it safe, in every position of the switches? */
export default function Prove() {
  const { aircraft, document } = useWorkbench()
  const { proof } = useProof()
  const { view = '' } = useParams()
  const here = VIEWS.find((one) => one.path === view) ?? VIEWS[0]
  if (!aircraft || !document || !here) return null
  const open = proof?.findings.filter((one) => one.severity !== 'note').length ?? 0
  const views = VIEWS.map((one) => (one.path === 'findings' && open > 0 ? { ...one, mark: `▲ ${open}` } : one))
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views label="Views of Prove" base={`/aircraft/${aircraft.id}/prove`} here={here.path} views={views} />
      <div className="min-h-0 flex-1">
        <here.view aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
