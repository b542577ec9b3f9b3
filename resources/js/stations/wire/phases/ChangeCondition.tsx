import { useState } from 'react'
import type { Condition, Phase } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import type { View } from '../views'
import { ConditionFields } from './ConditionFields'

type Props = View & { phase: Phase; words: string; onClose: () => void }

/** When a phase is active. A condition of several parts is shown in words until another takes its place. */
export function ChangeCondition({ aircraft, document, phase, words, onClose }: Props) {
  const [when, setWhen] = useState<Condition | null>(phase.when ?? null)
  const save = () => {
    if (when) {
      workbench.edit(
        (now) => ({ ...now, phases: (now.phases ?? []).map((one) => (one.id === phase.id ? { ...one, when } : one)) }),
        `${phase.name}: another condition`,
      )
    }
    onClose()
  }
  return (
    <Dialog open title={`When ${phase.name} is active`} says={`Now: ${words}`} onClose={onClose}>
      <div className="grid gap-2">
        <ConditionFields aircraft={aircraft} document={document} value={when} onChange={setWhen} />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it</Button>
          <Button look="main" onClick={save}>
            Take it over
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
