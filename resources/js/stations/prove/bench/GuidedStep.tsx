import { useState } from 'react'
import type { BenchRecord } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import { useKeptTicks } from '@/parts/keptTicks'
import { Tick } from '@/parts/Tick'
import { StepHead } from './StepHead'

type Step = BenchRecord['steps'][number]
type Props = { aircraft: number; revision: number; step: Step }

/** A step that is done line by line with the aircraft in hand; what was noted is kept with the record. */
export function GuidedStep({ aircraft, revision, step }: Props) {
  const { ticked, tick } = useKeptTicks(aircraft, revision, `bench-${step.id}`)
  const [notes, setNotes] = useState<Record<string, string>>({})
  const { saving } = useWorkbench('saving')
  const done = step.state === 'done'
  const seen = step.guide.map((line) => (ticked.has(line.says) ? (notes[line.says] ?? '').trim() : null))
  const ready = step.guide.every((line, index) => seen[index] !== null && (!line.asks || seen[index] !== ''))
  return (
    <section
      aria-label={step.name}
      data-guided={step.id}
      data-saving={saving}
      className="rounded-xl border border-line bg-raised p-3"
    >
      <StepHead step={step.id} seen={seen} ready={ready}>
        {step.name}
      </StepHead>
      {done ? (
        <ul className="mt-1 text-muted text-sm">
          {step.noted.map((line) => (
            <li key={line}>✓ {line}</li>
          ))}
        </ul>
      ) : (
        <ul className="mt-1 grid gap-1">
          {step.guide.map((line, index) => (
            <li key={line.says}>
              <Tick says={line.says} on={ticked.has(line.says)} onChange={() => tick(line.says)} />
              {line.otherwise && line.otherwise !== step.guide[index + 1]?.otherwise && (
                <p className="pl-7 text-muted text-sm">If not: {line.otherwise}</p>
              )}
              {line.asks && (
                <label className="flex max-w-md items-center gap-2 pt-1 pl-7 text-sm">
                  <span className="shrink-0">{line.asks}</span>
                  <input
                    data-asks={line.asks}
                    value={notes[line.says] ?? ''}
                    maxLength={80}
                    onChange={(event) => setNotes({ ...notes, [line.says]: event.target.value })}
                    className="h-9 min-w-0 flex-1 rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
                  />
                </label>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
