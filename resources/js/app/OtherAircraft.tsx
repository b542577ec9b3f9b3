import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { propose, said, takeOver } from '@/api/proposals'
import { useHangar } from '@/api/queries'
import type { Aircraft, Proposal, TakenPart } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Changes } from '@/parts/Changes'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { Field } from '@/parts/Field'
import { Proposed } from '@/parts/Proposed'
import { Tick } from '@/parts/Tick'

const MOST_CHANGES = 12

/** This aircraft beside another one, and parts of that one taken over. */
export default function OtherAircraft({ aircraft, onClose }: { aircraft: Aircraft; onClose: () => void }) {
  const { document } = useWorkbench('document')
  const others = (useHangar().data?.aircraft ?? []).filter((one) => one.id !== aircraft.id)
  const [id, setId] = useState<number | null>(null)
  const [parts, setParts] = useState<TakenPart[]>([])
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const other = others.find((one) => one.id === id)
  const { data: compared, error } = useQuery({
    queryKey: ['compare', aircraft.id, aircraft.revision, id],
    queryFn: () => data(POST('/api/compare', { body: { document: document ?? aircraft.document, aircraft: id ?? 0 } })),
    enabled: id !== null && document !== null,
    retry: false,
  })
  useEffect(() => {
    let wanted = true
    setProposal(null)
    setProblem(null)
    if (document && id !== null && parts.length > 0) {
      propose.taken(document, id, parts).then(
        (answer) => wanted && setProposal(answer),
        (fault) => wanted && setProblem(said(fault)),
      )
    }
    return () => {
      wanted = false
    }
  }, [document, id, parts])
  return (
    <Dialog
      open
      wide
      title="Another aircraft beside this one"
      says="What differs, and what of it you want here. What this aircraft can’t take is said first."
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Close</Button>
          <Button
            look="main"
            disabled={!proposal || proposal.changes.length === 0}
            onClick={() => {
              if (proposal) takeOver(proposal, `Taken from ${other?.name}`)
              onClose()
            }}
          >
            Take it
          </Button>
        </>
      }
    >
      <Field label="Aircraft" htmlFor="other-aircraft">
        <Choice
          id="other-aircraft"
          label="Aircraft"
          value={id === null ? '' : String(id)}
          placeholder="Choose…"
          options={others.map((one) => ({ id: String(one.id), name: one.name, group: one.familyTitle }))}
          onChange={(to) => {
            setId(Number(to))
            setParts([])
          }}
        />
      </Field>
      {error && <p className="mt-2 text-rose">▲ {said(error)}</p>}
      {compared && other && (
        <div className="mt-3 grid gap-4 md:grid-cols-2">
          <section aria-label="Differences" data-compared className="min-w-0">
            <h3 className="font-semibold">
              Here → {other.name}: {compared.changes.length === 0 && 'no differences'}
            </h3>
            <Changes changes={compared.changes} most={MOST_CHANGES} />
          </section>
          <section aria-label="Parts to take" className="min-w-0">
            <h3 className="font-semibold">Take from {other.name}</h3>
            {compared.parts.map((part) => (
              <Tick
                key={part.id}
                says={part.name}
                on={parts.includes(part.id)}
                onChange={(on) => setParts(on ? [...parts, part.id] : parts.filter((one) => one !== part.id))}
              />
            ))}
            {parts.length > 0 && (
              <div className="mt-2">
                <Proposed proposal={proposal} problem={problem} nothing="It is so here already." />
              </div>
            )}
          </section>
        </div>
      )}
    </Dialog>
  )
}
