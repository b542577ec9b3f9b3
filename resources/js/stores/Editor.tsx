import { useState } from 'react'
import { Refusal } from '@/api/client'
import { said } from '@/api/proposals'
import { useStoresChange } from '@/api/queries'
import type { Definition, StoreKind } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'

type Fault = { path: string; says: string }

/** A definition as its open document; what is wrong is told with its path, and nothing is lost. */
export function Editor({ kind, start, onClose }: { kind: StoreKind; start: Definition; onClose: () => void }) {
  const [text, setText] = useState(() => JSON.stringify(start, null, 2))
  const [faults, setFaults] = useState<Fault[]>([])
  const change = useStoresChange()
  const save = async () => {
    try {
      await change.keep(kind, JSON.parse(text))
      onClose()
    } catch (problem) {
      if (problem instanceof SyntaxError) setFaults([{ path: '', says: `This isn’t JSON: ${problem.message}` }])
      else if (problem instanceof Refusal && 'faults' in problem.problem) setFaults(problem.problem.faults)
      else setFaults([{ path: '', says: said(problem) }])
    }
  }
  return (
    <Dialog
      open
      wide
      title={start.name}
      says="The definition as an open document. Its schema is in the project’s schema folder."
      onClose={onClose}
    >
      <textarea
        aria-label="Definition"
        value={text}
        spellCheck={false}
        rows={18}
        onChange={(event) => setText(event.target.value)}
        className="figures w-full rounded-lg border border-line bg-deep px-3 py-2 text-sm"
      />
      {faults.length > 0 && (
        <ul role="alert" className="mt-2 rounded-lg border border-rose px-3 py-2 text-sm">
          {faults.map((fault) => (
            <li key={fault.path + fault.says}>
              <span className="text-rose">▲</span> {fault.path && <code className="figures">{fault.path}: </code>}
              {fault.says}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 flex justify-end gap-2">
        <Button onClick={onClose}>Leave it</Button>
        <Button look="main" onClick={() => void save()}>
          Keep it
        </Button>
      </div>
    </Dialog>
  )
}
