import { useEffect, useState } from 'react'
import { propose, said, takeOver } from '@/api/proposals'
import type { Condition, Proposal } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { Field } from '@/parts/Field'
import { NumberField } from '@/parts/NumberField'
import { Proposed } from '@/parts/Proposed'
import { ConditionEditor } from '../../conditions/ConditionEditor'
import { isWhole, OPEN } from '../../conditions/kinds'
import { useThresholdPending } from '../../conditions/Threshold'
import type { View } from '../views'

/** A new phase, with the shapes of another; what it would do is said before it's made. */
export function NewPhase({ aircraft, document, like, onClose }: View & { like: string; onClose: () => void }) {
  const phases = document.phases ?? []
  const [name, setName] = useState('New phase')
  const [from, setFrom] = useState(like)
  const [fade, setFade] = useState(0)
  const [when, setWhen] = useState<Condition>(OPEN)
  const pending = useThresholdPending()
  const [answer, setAnswer] = useState<{ when: Condition; proposal: Proposal } | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    let wanted = true
    setAnswer(null)
    setProblem(null)
    if (isWhole(when) && name.trim()) {
      propose.addPhase(document, { name, when, fade, phase: from }).then(
        (made) => wanted && setAnswer({ when, proposal: made }),
        (error) => wanted && setProblem(said(error)),
      )
    }
    return () => {
      wanted = false
    }
  }, [document, name, when, fade, from])
  // What was proposed for another condition is none for this one.
  const proposal = answer?.when === when ? (answer?.proposal ?? null) : null
  return (
    <Dialog
      open
      title="New phase"
      says="Of two phases whose conditions hold, the one further up is active."
      onClose={onClose}
    >
      <div className="grid gap-2">
        <Field label="Name" htmlFor="phase-name">
          <input
            id="phase-name"
            className="h-9 w-full rounded-lg border border-line bg-deep px-2.5"
            value={name}
            maxLength={60}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <ConditionEditor aircraft={aircraft} document={document} value={when} onChange={setWhen} />
        <Field label="Fades in over" htmlFor="phase-fade">
          <NumberField
            id="phase-fade"
            label="Fades in over"
            unit="s"
            value={fade}
            least={0}
            most={60}
            onChange={setFade}
          />
        </Field>
        <Field label="Shapes as in" htmlFor="phase-like">
          <Choice
            id="phase-like"
            label="Shapes as in"
            value={from}
            options={phases.map((one) => ({ id: one.id, name: one.name }))}
            onChange={setFrom}
          />
        </Field>
        {isWhole(when) ? (
          <Proposed proposal={proposal} problem={problem} />
        ) : (
          <p className="text-muted text-sm">Choose when it is active.</p>
        )}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="main"
            disabled={!proposal || pending}
            onClick={() => {
              if (proposal) takeOver(proposal, `Added phase ${name}`)
              onClose()
            }}
          >
            Add
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
