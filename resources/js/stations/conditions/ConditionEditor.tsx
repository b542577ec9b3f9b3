import { Plus, X } from 'lucide-react'
import { useValues } from '@/api/sense'
import type { Aircraft, Condition, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { IconButton } from '@/parts/IconButton'
import { keyed } from '@/parts/keyed'
import { begun, OPEN, partsOf, subjectOf, subjects, withParts } from './kinds'
import { OneThing } from './OneThing'
import { PressTime } from './PressTime'

/** Deeper than this nobody reads it any more; a name of its own helps. */
const DEEPEST = 5
const MOST_PARTS = 16

type Props = {
  aircraft: Aircraft
  document: Program
  value: Condition
  onChange: (value: Condition) => void
  /** Where it stands among others, as `-0-1`. */
  at?: string
  label?: string
  depth?: number
}

/** Any condition: of one thing, of several together, or of what happens in time. */
export function ConditionEditor({ aircraft, document, value, onChange, at = '', label = 'When', depth = 0 }: Props) {
  const values = useValues(document)
  const all = subjects(aircraft, document, values)
  const options = depth < DEEPEST ? all : all.filter((one) => !one.id.startsWith('kind:'))
  const parts = partsOf(value)
  const isSeveral = typeof value === 'object' && ('all' in value || 'any' in value)
  const change = (next: Condition[]) => typeof value === 'object' && onChange(withParts(value, next))
  const put = (index: number, part: Condition) => change(parts.map((one, place) => (place === index ? part : one)))
  return (
    <div className="grid min-w-0 gap-2">
      <Field label={label} htmlFor={`condition-of${at}`}>
        <Choice
          id={`condition-of${at}`}
          label={at ? `${label}, part ${at.slice(1)}` : label}
          value={subjectOf(value)}
          placeholder="Choose…"
          options={options}
          onChange={(subject) => subject !== subjectOf(value) && onChange(begun(subject, value, aircraft, document))}
        />
      </Field>
      {typeof value === 'object' && <OneThing {...{ aircraft, document, value, onChange, at }} />}
      {typeof value === 'object' && <PressTime value={value} onChange={onChange} at={at} />}
      {parts.length > 0 && (
        <ul className="grid gap-2 border-line border-l-2 pl-3">
          {keyed(parts, () => 'part').map(({ key, item, index }) => (
            <li key={key} className="flex min-w-0 items-start gap-1">
              <div className="min-w-0 flex-1">
                <ConditionEditor
                  aircraft={aircraft}
                  document={document}
                  value={item}
                  onChange={(part) => put(index, part)}
                  at={`${at}-${index + 1}`}
                  label={nameOfPart(value, index)}
                  depth={depth + 1}
                />
              </div>
              {isSeveral && (
                <IconButton
                  icon={X}
                  label={`Remove part ${`${at}-${index + 1}`.slice(1)}`}
                  disabled={parts.length === 1}
                  onClick={() => change(parts.filter((_, place) => place !== index))}
                />
              )}
            </li>
          ))}
        </ul>
      )}
      {isSeveral && (
        <Button
          className="min-h-8 justify-self-start px-2"
          disabled={parts.length >= MOST_PARTS}
          onClick={() => change([...parts, OPEN])}
        >
          <Plus size={15} aria-hidden /> Add a part
        </Button>
      )}
    </div>
  )
}

function nameOfPart(of: Condition, index: number): string {
  if (typeof of === 'string') return ''
  if ('all' in of) return index === 0 ? 'that' : 'and'
  if ('any' in of) return index === 0 ? 'that' : 'or'
  if ('latch' in of) return index === 0 ? 'from' : 'until'
  return 'of'
}
