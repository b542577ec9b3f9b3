import { Suspense } from 'react'
import { data, POST } from '@/api/client'
import { useOfDraft } from '@/api/drafts'
import { usePilot } from '@/api/pilot'
import { useWorkbench } from '@/api/workbench'
import { useView, Views } from '@/parts/Views'
import { CheckResults } from './CheckResults'
import { VIEWS } from './views'

/** What the aircraft sends, and what is heard of it. */
export default function TelemetryStation() {
  const { aircraft, document } = useWorkbench('aircraft', 'document')
  const { data: pilot } = usePilot()
  const look = useOfDraft((draft) => data(POST('/api/sense', { body: { document: draft } })), pilot?.units)
  const here = useView('telemetry')
  const View = VIEWS[here.path]
  if (!aircraft || !document || !View) return null
  const count = (of: number | undefined) => (of ? `▲ ${of}` : undefined)
  const about = (what: string) => look?.checks.filter((one) => one.about.startsWith(what)).length
  const marks = {
    sensors: count(look?.points.filter((one) => one.level === 'wrong').length),
    values: count(about('value:')),
    alarms: count(about('call:')),
    pages: count(about('page')),
  }
  return (
    <div className="flex h-full min-h-0 flex-col">
      <Views station="telemetry" aircraft={aircraft} here={here} marks={marks} />
      {look && (
        <div className="px-4">
          <CheckResults checks={look.checks} about="program" />
        </div>
      )}
      <div className="min-h-0 flex-1">
        {look ? (
          <Suspense fallback={<p className="p-6 text-muted">◌ Opening…</p>}>
            <View aircraft={aircraft} document={document} look={look} />
          </Suspense>
        ) : (
          <p className="p-6 text-muted">◌ Looking at the sensors…</p>
        )}
      </div>
    </div>
  )
}
