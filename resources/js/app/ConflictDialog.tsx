import type { ConflictOfEdits } from '@/api/draft'
import { useHistory } from '@/api/queries'
import { useWorkbench, workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Changes } from '@/parts/Changes'
import { Dialog } from '@/parts/Dialog'
import { clock } from '@/parts/words'

/** Another tab was faster: both versions are kept, and the pilot chooses which to go on with. */
export function ConflictDialog() {
  const { aircraft, conflict } = useWorkbench('aircraft', 'conflict')
  return aircraft && conflict ? <Choice aircraft={aircraft.id} conflict={conflict} /> : null
}

function Choice({ aircraft, conflict }: { aircraft: number; conflict: ConflictOfEdits }) {
  const { current, aside } = conflict
  const history = useHistory(aircraft, aside.revision)
  const changes = (revision: number) => history.data?.revisions.find((one) => one.revision === revision)?.changes ?? []
  return (
    <Dialog open title="This aircraft was changed elsewhere" says={conflict.message} onClose={() => {}}>
      <div className="grid gap-3">
        <Button look="main" className="justify-start py-2 text-left" onClick={() => void workbench.choose('aside')}>
          Keep mine: “{aside.note}”, revision {aside.revision}
        </Button>
        <Changes changes={changes(aside.revision)} />
        <Button className="justify-start py-2 text-left" onClick={() => void workbench.choose('current')}>
          Keep the other: “{current.note}”, revision {current.revision}, {clock(current.savedAt)}
        </Button>
        <Changes changes={changes(current.revision)} />
        <p className="text-muted text-sm">The one that you don’t choose stays in the history.</p>
      </div>
    </Dialog>
  )
}
