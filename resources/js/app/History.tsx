import { useState } from 'react'
import { useHistory } from '@/api/queries'
import type { Aircraft } from '@/api/types'
import { Button } from '@/parts/Button'
import { Changes } from '@/parts/Changes'
import { Dialog } from '@/parts/Dialog'
import { clock, day } from '@/parts/words'
import { Compare } from './Compare'
import { RevisionName } from './RevisionName'
import { TakeRevision } from './TakeRevision'

/** The revisions, the newest first, each with what it changed and the way back to it. */
export function History({ aircraft, onClose }: { aircraft: Aircraft; onClose: () => void }) {
  const { data, error } = useHistory(aircraft.id, aircraft.revision)
  const revisions = data?.revisions ?? []
  const [back, setBack] = useState<number | null>(null)
  return (
    <Dialog
      open
      title={`History of ${aircraft.name}`}
      says="Revisions are only ever added; going back loses none."
      onClose={onClose}
    >
      {revisions.length > 1 && <Compare aircraft={aircraft} revisions={revisions} />}
      {error && <p className="text-rose">▲ {error.message}</p>}
      <ol className="space-y-2">
        {revisions.map((one) => (
          <li
            key={one.revision}
            data-history={one.revision}
            className={`flex items-start gap-3 rounded-lg border p-3 ${one.present ? 'border-sodium' : 'border-line'}`}
          >
            <div className="min-w-0 flex-1">
              <p>
                <span className="figures text-muted">{one.revision}</span> <strong>{one.note}</strong>{' '}
                <RevisionName aircraft={aircraft.id} revision={one.revision} name={one.name} />
              </p>
              <p className="text-muted text-sm">
                {day(one.savedAt)}, {clock(one.savedAt)}
                {one.present && <span className="text-sodium"> · ◆ present</span>}
                {one.aside && ' · ◇ kept aside after a conflict'}
              </p>
              <Changes changes={one.changes} />
            </div>
            {!one.present && <Button onClick={() => setBack(one.revision)}>Restore</Button>}
          </li>
        ))}
      </ol>
      {back !== null && (
        <TakeRevision aircraft={aircraft} revision={back} onClose={() => setBack(null)} onTaken={onClose} />
      )}
    </Dialog>
  )
}
