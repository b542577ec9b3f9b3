import { useEffect, useState } from 'react'
import { propose, said } from '@/api/proposals'
import type { Aircraft, Proposal } from '@/api/types'
import { useWorkbench, workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Proposed } from '@/parts/Proposed'

type Props = { aircraft: Aircraft; revision: number; onClose: () => void; onTaken: () => void }

/** What going back to a former revision does at the channels, before it is done. */
export function TakeRevision({ aircraft, revision, onClose, onTaken }: Props) {
  const { document } = useWorkbench('document')
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    if (!document) return
    let wanted = true
    propose.restore(document, aircraft.id, revision).then(
      (answer) => wanted && setProposal(answer),
      (error) => wanted && setProblem(said(error)),
    )
    return () => {
      wanted = false
    }
  }, [document, aircraft.id, revision])
  return (
    <Dialog
      open
      wide
      title={`Restore revision ${revision}`}
      says="It becomes the present one; what is there now stays in the history."
      onClose={onClose}
    >
      <Proposed proposal={proposal} problem={problem} nothing="It is the same program as now." />
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="main" onClick={() => void workbench.take(revision).then(onTaken)}>
          Restore
        </Button>
      </div>
    </Dialog>
  )
}
