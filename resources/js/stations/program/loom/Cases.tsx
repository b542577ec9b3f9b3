import { ArrowUp, Plus, X } from 'lucide-react'
import type { Aircraft, Condition, Program, SteppedFunction } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { keyed } from '@/parts/keyed'
import { capital } from '@/parts/words'
import { ConditionButton } from '../../conditions/ConditionButton'
import { changeFunction } from '../edits'

type Case = { when: Condition; step: string }
type Step = SteppedFunction['steps'][number]

const MOST = 16

const nameOf = (step: Step) => step.name ?? capital(step.id)

/** What chooses the step now, as conditions: those that there are, or a switch's positions. */
const casesOf = ({ drive }: SteppedFunction): Case[] => {
  if (!drive) return []
  if ('cases' in drive) return drive.cases
  return Object.entries(drive.map).map(([at, step]) => ({ when: { control: drive.control, at }, step }))
}

type Props = { aircraft: Aircraft; document: Program; fn: SteppedFunction }

/** Conditions that choose the step of a function: the first that holds counts. */
export function Cases({ aircraft, document, fn }: Props) {
  const isOn = fn.drive !== undefined && 'cases' in fn.drive
  const cases = casesOf(fn)
  const words = isOn ? (aircraft.words.functions[fn.id] ?? []) : []
  const options = fn.steps.map((step) => ({ id: step.id, name: nameOf(step) }))
  const stepName = (id: string) => options.find((one) => one.id === id)?.name ?? id
  const put = (next: Case[], what: string) => {
    if (next.length > 0) changeFunction(fn.id, { drive: { cases: next } }, `${fn.name}: ${what}`)
    else void workbench.assign(fn.id, null)
  }
  const swap = (index: number, change: Partial<Case>, what: string) =>
    put(
      cases.map((one, at) => (at === index ? { ...one, ...change } : one)),
      what,
    )
  const raise = (index: number) =>
    put(
      [...cases.slice(0, index - 1), ...cases.slice(index - 1, index + 1).reverse(), ...cases.slice(index + 1)],
      'a condition earlier',
    )
  return (
    <>
      {isOn && (
        <>
          <h3 className="mt-2 text-muted text-sm">
            The first that holds counts; {stepName(fn.steps[0]?.id ?? '')} where none does
          </h3>
          <ol className="grid gap-1.5">
            {keyed(cases, (one) => JSON.stringify(one)).map(({ key, item, index }) => (
              <li key={key} data-case={index} className="rounded-lg border border-line px-2 py-1.5">
                <div className="flex items-center gap-1">
                  <Choice
                    label={`Step of condition ${index + 1}`}
                    value={item.step}
                    options={options}
                    onChange={(step) => swap(index, { step }, `condition ${index + 1} is ${stepName(step)}`)}
                  />
                  <IconButton
                    icon={ArrowUp}
                    label={`Condition ${index + 1} earlier`}
                    disabled={index === 0}
                    onClick={() => raise(index)}
                  />
                  <IconButton
                    icon={X}
                    label={`Remove condition ${index + 1}`}
                    onClick={() =>
                      put(
                        cases.filter((_, at) => at !== index),
                        'a condition less',
                      )
                    }
                  />
                </div>
                <div className="mt-1 flex items-center gap-2">
                  <p className="min-w-0 flex-1 break-words text-sm">when {words[index] ?? 'a condition holds'}</p>
                  <ConditionButton
                    aircraft={aircraft}
                    document={document}
                    title={`When ${fn.name} is ${stepName(item.step)}`}
                    words={words[index] ?? ''}
                    value={item.when}
                    label={`Change condition ${index + 1}`}
                    onTake={(when) => swap(index, { when }, `${stepName(item.step)} on another condition`)}
                  >
                    Change…
                  </ConditionButton>
                </div>
              </li>
            ))}
          </ol>
        </>
      )}
      <ConditionButton
        aircraft={aircraft}
        document={document}
        title={`A condition for ${fn.name}`}
        value={null}
        disabled={cases.length >= MOST}
        onTake={(when) => put([{ when, step: fn.steps.at(-1)?.id ?? '' }, ...cases], 'a condition')}
      >
        <Plus size={15} aria-hidden /> Add a condition…
      </ConditionButton>
    </>
  )
}
