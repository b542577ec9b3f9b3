import { useEffect, useState } from 'react'
import { propose, said, takeOver } from '@/api/proposals'
import { useStores } from '@/api/queries'
import type { Program, Proposal } from '@/api/types'
import { Button } from './Button'
import { Choice } from './Choice'
import { Dialog } from './Dialog'
import { Proposed } from './Proposed'

/** The same program on another transmitter: where everything goes and what can't come along, before it moves. */
export function MoveDialog({ document, onClose }: { document: Program; onClose: () => void }) {
  const stores = useStores()
  const others = (stores.data?.transmitters ?? []).filter((one) => one.id !== document.transmitter)
  const [chosen, setChosen] = useState<string | null>(null)
  const to = others.find((one) => one.id === chosen) ?? others[0]
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const id = to?.id
  useEffect(() => {
    let wanted = true
    setProposal(null)
    setProblem(null)
    if (id) {
      propose.transmitter(document, id).then(
        (answer) => wanted && setProposal(answer),
        (error) => wanted && setProblem(said(error)),
      )
    }
    return () => {
      wanted = false
    }
  }, [document, id])
  return (
    <Dialog
      open
      wide
      title="Move to another transmitter"
      says="What you mean stays; controls of the same kind and place take its functions, and every pulse stays where it is. Undo brings it back."
      onClose={onClose}
    >
      <Choice
        label="Move to"
        value={to?.id ?? ''}
        options={others.map((one) => ({ id: one.id, name: `${one.name}, ${one.channels} channels` }))}
        onChange={setChosen}
      />
      <div className="mt-3">
        <Proposed proposal={proposal} problem={problem}>
          {proposal && proposal.places.length > 0 && (
            <ul data-places className="grid gap-x-4 rounded-lg border border-line px-3 py-2 sm:grid-cols-2">
              {proposal.places.map((place) => (
                <li key={place}>{place}</li>
              ))}
            </ul>
          )}
        </Proposed>
      </div>
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button
          look="main"
          disabled={!proposal}
          onClick={() => {
            if (proposal) takeOver(proposal, `Moved to ${to?.name}`)
            onClose()
          }}
        >
          Move to {to?.name ?? '…'}
        </Button>
      </div>
    </Dialog>
  )
}
