import { useEffect, useState } from 'react'
import { propose, said, takeOver } from '@/api/proposals'
import type { Program, Proposal } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Proposed } from '@/parts/Proposed'

/** What a step would change, before it's taken. */
export function StepTo({ document, rung, onClose }: { document: Program; rung: number; onClose: () => void }) {
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const to = document.ladder?.rungs[rung]
  useEffect(() => {
    propose.rung(document, rung).then(setProposal, (error) => setProblem(said(error)))
  }, [document, rung])
  return (
    <Dialog open title={`To “${to?.name}”`} says={to?.note ?? 'This is what changes.'} onClose={onClose}>
      <Proposed proposal={proposal} problem={problem} nothing="The program stands there already." />
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Leave it</Button>
        <Button
          look="main"
          disabled={!proposal || proposal.changes.length === 0}
          onClick={() => {
            if (proposal) takeOver(proposal, `Ladder: ${to?.name}`)
            onClose()
          }}
        >
          Take the step
        </Button>
      </div>
    </Dialog>
  )
}
