import { Suspense } from 'react'
import { useParams } from 'react-router'
import { data, POST } from '@/api/client'
import { useOfDraft } from '@/api/drafts'
import { usePilot } from '@/api/pilot'
import { useWorkbench } from '@/api/workbench'
import { Views } from '@/parts/Views'
import { Told } from './Told'
import { VIEWS } from './views'

/** What the aircraft tells, and when it speaks up. */
export default function Sense() {
  const { aircraft, document } = useWorkbench()
  const { data: pilot } = usePilot()
  const look = useOfDraft((draft) => data(POST('/api/sense', { body: { document: draft } })), pilot?.units)
  const { view = '' } = useParams()
  const here = VIEWS.find((one) => one.path === view) ?? VIEWS[0]
  if (!aircraft || !document || !here) return null
  const marks: Record<string, number> = {
    '': look?.points.filter((one) => one.level === 'wrong').length ?? 0,
    values: look?.checks.filter((one) => one.about.startsWith('value:')).length ?? 0,
    alarms: look?.checks.filter((one) => one.about.startsWith('call:')).length ?? 0,
  }
  const views = VIEWS.map((one) => (marks[one.path] ? { ...one, mark: `▲ ${marks[one.path]}` } : one))
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views label="Views of Sense" base={`/aircraft/${aircraft.id}/sense`} here={here.path} views={views} />
      {look && (
        <div className="px-4">
          <Told checks={look.checks} about="program" />
        </div>
      )}
      <div className="min-h-0 flex-1">
        {look ? (
          <Suspense fallback={<p className="p-6 text-muted">◌ Opening…</p>}>
            <here.view aircraft={aircraft} document={document} look={look} />
          </Suspense>
        ) : (
          <p className="p-6 text-muted">◌ Looking at the sensors…</p>
        )}
      </div>
    </div>
  )
}
