import { type ReactNode, useState } from 'react'
import type { Aircraft, Condition, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { ConditionDialog } from './ConditionDialog'

type Props = {
  aircraft: Aircraft
  document: Program
  /** What the dialog asks for. */
  title: string
  words?: string
  value: Condition | null
  label?: string
  disabled?: boolean
  onTake: (value: Condition) => void
  children: ReactNode
}

/** A button that asks for a condition. */
export function ConditionButton({ label, disabled = false, children, words = '', ...dialog }: Props) {
  const [asking, setAsking] = useState(false)
  return (
    <>
      <Button
        className="min-h-8 shrink-0 justify-self-start px-2"
        aria-label={label}
        disabled={disabled}
        onClick={() => setAsking(true)}
      >
        {children}
      </Button>
      {asking && <ConditionDialog {...dialog} words={words} onClose={() => setAsking(false)} />}
    </>
  )
}
