import { useWorkbench } from '@/api/workbench'
import { useView, Views } from '@/parts/Views'
import { VIEWS } from './views'

/** What each control does, and closer looks at it. */
export default function ProgramStation() {
  const { aircraft, document } = useWorkbench('aircraft', 'document')
  const without = [
    ...(aircraft?.styles === null ? ['styles'] : []),
    ...(aircraft?.surfaces === false ? ['throws'] : []),
  ]
  const here = useView('program', without)
  const View = VIEWS[here.path]
  if (!aircraft || !document || !View) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views station="program" aircraft={aircraft} here={here} without={without} />
      <div className="min-h-0 flex-1">
        <View aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
