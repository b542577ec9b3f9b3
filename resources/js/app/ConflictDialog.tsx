import { useWorkbench, workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { clock } from '@/parts/words'

/** Another tab was faster: both versions are kept, and the pilot chooses which to go on with. */
export function ConflictDialog() {
  const { conflict } = useWorkbench()
  if (!conflict) return null
  const { current, aside } = conflict
  return (
    <Dialog open title="This aircraft was changed elsewhere" says={conflict.message} onClose={() => {}}>
      <div className="grid gap-3">
        <Button look="main" className="justify-start py-2 text-left" onClick={() => void workbench.choose('aside')}>
          Go on with mine: “{aside.note}”, revision {aside.revision}
        </Button>
        <Button className="justify-start py-2 text-left" onClick={() => void workbench.choose('current')}>
          Take the other: “{current.note}”, revision {current.revision}, {clock(current.savedAt)}
        </Button>
        <p className="text-muted text-sm">The one that you don’t choose stays in the history.</p>
      </div>
    </Dialog>
  )
}
