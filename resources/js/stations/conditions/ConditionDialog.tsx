import { useState } from 'react'
import type { Aircraft, Condition, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { ConditionFields } from './ConditionFields'
import { useThresholdPending } from './Threshold'

type Props = {
  aircraft: Aircraft
  document: Program
  title: string
  words: string
  value: Condition | null
  onTake: (value: Condition) => void
  onClose: () => void
}

/** Another condition. One of several parts is shown in words until another takes its place. */
export function ConditionDialog({ aircraft, document, title, words, value, onTake, onClose }: Props) {
  const [when, setWhen] = useState<Condition | null>(value)
  const pending = useThresholdPending()
  return (
    <Dialog open title={title} says={words && `Now: ${words}`} onClose={onClose}>
      <div className="grid gap-2">
        <ConditionFields aircraft={aircraft} document={document} value={when} onChange={setWhen} />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it</Button>
          <Button
            look="main"
            disabled={!when || pending}
            onClick={() => {
              if (when) onTake(when)
              onClose()
            }}
          >
            Take it over
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
