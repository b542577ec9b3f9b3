import { takeOver } from '@/api/proposals'
import type { Proposal } from '@/api/types'
import { Button } from '@/parts/Button'
import { Proposed } from '@/parts/Proposed'

type Props = { proposal: Proposal | null; problem: string | null; note: string; taken: () => void }

/** The answer of a solver, to be taken over. */
export function Answer({ proposal, problem, note, taken }: Props) {
  if (!proposal && !problem) return null
  return (
    <div className="mt-2 grid gap-2">
      <Proposed proposal={proposal} problem={problem} nothing="✓ It is right as it is." />
      {proposal && proposal.changes.length > 0 && (
        <Button
          look="main"
          className="justify-self-end"
          onClick={() => {
            takeOver(proposal, note)
            taken()
          }}
        >
          Apply
        </Button>
      )}
    </div>
  )
}
