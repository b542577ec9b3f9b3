import { useEffect, useState } from 'react'
import { said, takeOver } from '@/api/proposals'
import type { Proposal } from '@/api/types'
import { Button } from './Button'
import { Dialog } from './Dialog'
import { Proposed } from './Proposed'

type Props = {
  title: string
  says: string
  /** Asked for once, as the dialog opens. */
  ask: () => Promise<Proposal>
  /** What the history says of it. */
  note: string
  /** Said where it would change nothing. */
  nothing?: string
  button?: string
  onClose: () => void
}

/** What an edit would change, before it does. */
export function ProposalDialog({
  title,
  says,
  ask,
  note,
  nothing = 'This changes nothing.',
  button = 'Apply',
  onClose,
}: Props) {
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [first] = useState(() => ask)
  useEffect(() => {
    first().then(setProposal, (error) => setProblem(said(error)))
  }, [first])
  return (
    <Dialog open title={title} says={says} onClose={onClose}>
      <Proposed proposal={proposal} problem={problem} nothing={nothing} />
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button
          look="main"
          disabled={!proposal || proposal.changes.length === 0}
          onClick={() => {
            if (proposal) takeOver(proposal, note)
            onClose()
          }}
        >
          {button}
        </Button>
      </div>
    </Dialog>
  )
}
