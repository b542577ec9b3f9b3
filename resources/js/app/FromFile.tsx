import { useRef, useState } from 'react'
import { propose, said, takeOver } from '@/api/proposals'
import type { Aircraft, Proposal } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Proposed } from '@/parts/Proposed'

type Props = { aircraft: Aircraft; onClose: () => void }

/** A program from a file as a revision of this aircraft; what it changes is said first. */
export default function FromFile({ aircraft, onClose }: Props) {
  const { document } = useWorkbench('document')
  const input = useRef<HTMLInputElement>(null)
  const [name, setName] = useState<string | null>(null)
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const read = async (file: File | undefined) => {
    if (!file || !document) return
    setName(file.name)
    setProposal(null)
    setProblem(null)
    try {
      setProposal(await propose.file(document, JSON.parse(await file.text())))
    } catch (error) {
      setProblem(error instanceof SyntaxError ? `${file.name} isn’t JSON: ${error.message}` : said(error))
    }
  }
  return (
    <Dialog
      open
      wide
      title={`A file into ${aircraft.name}`}
      says="A program that was exported becomes a revision of this aircraft. What is there now stays in the history."
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="main"
            disabled={!proposal || proposal.changes.length === 0}
            onClick={() => {
              if (proposal) takeOver(proposal, `From the file ${name}`.slice(0, 120))
              onClose()
            }}
          >
            Take it
          </Button>
        </>
      }
    >
      <Button onClick={() => input.current?.click()}>Choose a file…</Button>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="File of a program"
        className="hidden"
        onChange={(event) => {
          void read(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      {name && (
        <div className="mt-3">
          <p className="text-muted text-sm">{name}</p>
          <Proposed proposal={proposal} problem={problem} nothing="It is the same program as now." />
        </div>
      )}
    </Dialog>
  )
}
