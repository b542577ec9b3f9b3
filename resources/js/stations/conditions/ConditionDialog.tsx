import { useState } from 'react'
import type { Aircraft, Condition, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { ConditionEditor } from './ConditionEditor'
import { isWhole, OPEN } from './kinds'
import { useThresholdPending } from './Threshold'
import { useSaid, WhatItSays } from './WhatItSays'

type Props = {
  aircraft: Aircraft
  document: Program
  title: string
  words: string
  value: Condition | null
  onTake: (value: Condition) => void
  onClose: () => void
}

/** Another condition, with what it says in words before it is taken. */
export function ConditionDialog({ aircraft, document, title, words, value, onTake, onClose }: Props) {
  const [when, setWhen] = useState<Condition>(value ?? OPEN)
  const pending = useThresholdPending()
  const said = useSaid(document, when)
  return (
    <Dialog
      open
      title={title}
      says={words && `Now: ${words}`}
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="main"
            disabled={!isWhole(when) || pending || said.problem !== null}
            onClick={() => {
              onTake(when)
              onClose()
            }}
          >
            Apply
          </Button>
        </>
      }
    >
      <div className="grid gap-2">
        <ConditionEditor aircraft={aircraft} document={document} value={when} onChange={setWhen} />
        <WhatItSays said={said} />
      </div>
    </Dialog>
  )
}
