import type { Finding } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { forgetTyped, useKept } from '@/parts/useKept'
import { accept } from '../aboard'

/** Living with a finding takes a reason, which is kept with the revision. */
export function AcceptDialog({ finding, onClose }: { finding: Finding; onClose: () => void }) {
  const form = `accept/${workbench.state.aircraft?.uuid}/${finding.key}`
  const [reason, setReason] = useKept(form, '')
  const close = () => {
    forgetTyped(form)
    onClose()
  }
  return (
    <Dialog open title="Accept with a reason" says={finding.says} onClose={onClose}>
      <label htmlFor="accept-reason" className="text-muted text-sm">
        Why is that all right?
      </label>
      <textarea
        id="accept-reason"
        value={reason}
        maxLength={300}
        rows={3}
        onChange={(event) => setReason(event.target.value)}
        className="mt-1 w-full rounded-lg border border-line bg-deep px-2.5 py-1.5"
      />
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={close}>Keep it open</Button>
        <Button
          look="main"
          disabled={reason.trim() === ''}
          onClick={() => {
            accept(finding, reason.trim())
            close()
          }}
        >
          Accept
        </Button>
      </div>
    </Dialog>
  )
}
