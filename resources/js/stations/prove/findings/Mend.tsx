import { useEffect, useState } from 'react'
import { propose, said, takeOver } from '@/api/proposals'
import type { Finding, Program, Proposal } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Proposed } from '@/parts/Proposed'

/** What a mend would change, before it does. */
export function Mend({ document, finding, onClose }: { document: Program; finding: Finding; onClose: () => void }) {
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    propose.mend(document, finding.key).then(setProposal, (error) => setProblem(said(error)))
  }, [document, finding.key])
  return (
    <Dialog open title="Mend it" says={finding.mend ?? ''} onClose={onClose}>
      <Proposed proposal={proposal} problem={problem} />
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Leave it</Button>
        <Button
          look="main"
          disabled={!proposal}
          onClick={() => {
            if (proposal) takeOver(proposal, `Mended: ${finding.mend}`)
            onClose()
          }}
        >
          Take it over
        </Button>
      </div>
    </Dialog>
  )
}
