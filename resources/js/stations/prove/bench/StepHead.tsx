import type { ReactNode } from 'react'
import { said } from '@/api/proposals'
import { useBenchRecord, useRecordStep } from '@/api/queries'
import { useWorkbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { clock, day } from '@/parts/words'

type Props = { step: string; seen?: (string | null)[]; ready?: boolean; children: ReactNode }

/** The title of a step, whether it was done with the aircraft as it is now, and the button that says so. */
export function StepHead({ step, seen = [], ready = true, children }: Props) {
  const { aircraft, saving } = useWorkbench('aircraft', 'saving')
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3">
      <h2 className="font-semibold">{children}</h2>
      {aircraft && (
        <State
          id={aircraft.id}
          revision={aircraft.revision}
          step={step}
          saved={saving === 'saved'}
          seen={seen}
          ready={ready}
        />
      )}
    </div>
  )
}

type StateProps = {
  id: number
  revision: number
  step: string
  saved: boolean
  seen: (string | null)[]
  ready: boolean
}

function State({ id, revision, step, saved, seen, ready }: StateProps) {
  const one = useBenchRecord(id, revision).data?.steps.find((it) => it.id === step)
  const record = useRecordStep(id, revision)
  if (!one) return null
  const when = one.at && `${day(one.at)}, ${clock(one.at)}`
  return (
    <p data-step-state={one.state} className="flex flex-wrap items-baseline gap-2 text-sm">
      {one.state === 'done' && <span className="text-teal">✓ Done {when}</span>}
      {one.state === 'changed' && <span className="text-sodium">▲ Changed since {when}: test again</span>}
      {one.state === 'open' && <span className="text-muted">○ Not done</span>}
      {record.error && (
        <span role="alert" className="text-rose">
          ▲ {said(record.error)}
        </span>
      )}
      {one.state !== 'done' && (
        <Button
          className="min-h-7 px-2 py-0 text-sm"
          disabled={!saved || !ready || record.isPending}
          onClick={() => record.mutate({ step, seen })}
        >
          {saved ? 'Done' : 'Saving…'}
          <span className="sr-only">: {one.name}</span>
        </Button>
      )}
    </p>
  )
}
