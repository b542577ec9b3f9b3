import { useState } from 'react'
import type { Aircraft, Condition, Program } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { ConditionDialog } from '../conditions/ConditionDialog'
import { asMoment, moments, ofMoment } from './moments'

const ANOTHER = 'another'

type Props = {
  label: string
  /** before each choice, as "once" */
  says?: string
  value: Condition | undefined
  words: string | null
  /** what it's called when nothing is chosen, where that is a choice */
  first?: string
  document: Program
  aircraft: Aircraft
  onChange: (value: Condition | undefined) => void
}

/** When something speaks or runs: a phase, a switch, or any other condition, on telemetry too. */
export function MomentChoice({ label, says, value, words, first, document, aircraft, onChange }: Props) {
  const [asking, setAsking] = useState(false)
  const name = (one: string) => (says ? `${says} ${one}` : one)
  const options = moments(document, aircraft).map((one) => ({ ...one, name: name(one.name) }))
  const choose = (id: string) => {
    if (id === ANOTHER) setAsking(true)
    else onChange(id === first ? undefined : ofMoment(id))
  }
  return (
    <>
      <Choice
        label={label}
        value={value === undefined && first ? first : asMoment(value)}
        placeholder={value === undefined ? (words ?? '') : name(words ?? '')}
        options={[
          ...(first ? [{ id: first, name: first }] : []),
          { id: ANOTHER, name: name('a value passes a level…') },
          ...options,
        ]}
        onChange={choose}
      />
      {asking && (
        <ConditionDialog
          aircraft={aircraft}
          document={document}
          title={label}
          words={words ?? ''}
          value={value ?? null}
          onTake={onChange}
          onClose={() => setAsking(false)}
        />
      )}
    </>
  )
}
