import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Lost, Refusal } from '@/api/client'
import type { ConflictOfEdits } from '@/api/draft'
import type { MergeChoices, MergedEdits } from '@/api/types'
import { useWorkbench, workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { clock } from '@/parts/words'
import { EditedParts } from './EditedParts'

/** Another version was saved meanwhile, and both can't come together without a look. */
export function ConflictDialog() {
  const { aircraft, conflict } = useWorkbench('aircraft', 'conflict')
  if (!aircraft || !conflict) return null
  // Another version to bring it together with is another question.
  const key = `${conflict.aside.revision} ${conflict.current.revision}`
  return <TwoEdits key={key} aircraft={aircraft.id} conflict={conflict} />
}

function TwoEdits({ aircraft, conflict }: { aircraft: number; conflict: ConflictOfEdits }) {
  const { current, aside } = conflict
  const [choices, setChoices] = useState<MergeChoices>({})
  const [busy, setBusy] = useState(false)
  const edits = { base: current.revision, aside: aside.revision }
  const { data, error, isFetching } = useQuery({
    queryKey: ['merge', aircraft, edits, choices],
    queryFn: () => workbench.lookAtBoth(choices),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  })
  const says =
    `You changed revision ${conflict.base} (“${aside.note}”), and revision ${current.revision} (“${current.note}”) was ` +
    `saved elsewhere at ${clock(current.savedAt)}.`
  const during = (work: Promise<void>) => {
    setBusy(true)
    void work.finally(() => setBusy(false))
  }
  return (
    <Dialog
      open
      wide
      unprompted
      title="This aircraft was changed elsewhere"
      says={says}
      onClose={() => {}}
      foot={
        <>
          <Open edits={data} />
          <Button disabled={busy} onClick={() => during(workbench.choose('aside'))}>
            Keep only mine
          </Button>
          <Button disabled={busy} onClick={() => during(workbench.choose('current'))}>
            Keep only the other
          </Button>
          <KeepBoth
            edits={data}
            disabled={busy || isFetching || error !== null}
            onKeep={(seen) => during(workbench.chooseBoth(choices, seen))}
          />
        </>
      }
    >
      {error instanceof Refusal || error instanceof Lost ? (
        <p role="alert">▲ Both can’t be brought together: {error.message}</p>
      ) : !data ? (
        <p className="text-muted">Comparing…</p>
      ) : (
        <>
          <EditedParts edits={data} onChoose={(path, side) => setChoices({ ...choices, [path]: side })} />
          <Together edits={data} />
        </>
      )}
      <p className="mt-3 text-muted text-sm">All three stay in the history: yours, the other, and both together.</p>
    </Dialog>
  )
}

function KeepBoth(props: { edits: MergedEdits | undefined; disabled: boolean; onKeep: (seen: string[]) => void }) {
  const { edits, disabled, onKeep } = props
  const can = edits?.decided && edits.faults.length === 0
  const found = edits?.findings.length ?? 0
  return (
    <Button
      look="main"
      disabled={disabled || !can}
      onClick={() => onKeep(edits?.findings.map((finding) => finding.key) ?? [])}
    >
      Keep both{found > 0 && `, with ${found} ${found === 1 ? 'finding' : 'findings'}`}
    </Button>
  )
}

/** How many parts somebody still has to choose. */
function Open({ edits }: { edits: MergedEdits | undefined }) {
  const open = edits?.parts.filter((part) => part.taken === null).length ?? 0
  return (
    <p role="status" className="mr-auto self-center text-sm">
      {open > 0 && `▲ ${open} still to choose`}
    </p>
  )
}

/** What becomes of both together: what stands against it, and what neither had. */
function Together({ edits }: { edits: MergedEdits }) {
  const isBad = edits.findings.some((finding) => finding.severity === 'error')
  return (
    <>
      {edits.faults.length > 0 && (
        <section role="alert" className="mt-4 rounded-lg border border-rose p-3 text-sm">
          <h3 className="font-semibold">▲ Both together can’t run as chosen</h3>
          {edits.faults.map((fault) => (
            <p key={fault.path + fault.says}>
              {fault.path && <code className="figures">{fault.path}: </code>}
              {fault.says}
            </p>
          ))}
        </section>
      )}
      {edits.findings.length > 0 && (
        <section
          role="alert"
          className={`mt-4 rounded-lg border p-3 text-sm ${isBad ? 'border-rose' : 'border-sodium'}`}
        >
          <h3 className="font-semibold">▲ Both together have findings that neither had</h3>
          <ul className="mt-1 space-y-1">
            {edits.findings.map((finding) => (
              <li key={finding.key}>{finding.says}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
