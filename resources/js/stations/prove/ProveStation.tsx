import { useProof } from '@/api/proof'
import { useWorkbench } from '@/api/workbench'
import { useView, Views } from '@/parts/Views'
import { VIEWS } from './views'

/** Is it safe, in every position of the switches? */
export default function ProveStation() {
  const { aircraft, document } = useWorkbench('aircraft', 'document')
  const { proof } = useProof()
  const here = useView('prove')
  const View = VIEWS[here.path]
  if (!aircraft || !document || !View) return null
  const open = proof?.findings.filter((one) => one.severity !== 'note').length ?? 0
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views station="prove" aircraft={aircraft} here={here} marks={{ findings: open > 0 ? `▲ ${open}` : undefined }} />
      <div className="min-h-0 flex-1">
        <View aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
