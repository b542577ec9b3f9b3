import { Plus, X } from 'lucide-react'
import { useFrame } from '@/api/live'
import type { Aircraft, Program, SteppedFunction } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { TextField } from '@/parts/TextField'
import { capital } from '@/parts/words'
import { changeFunction } from '../edits'
import { Cases } from './Cases'

type Step = SteppedFunction['steps'][number]
type Means = NonNullable<Step['means']>

const MODE = 'mode:'
const meaningId = ({ means }: Step) => (typeof means === 'object' ? `${MODE}${means.mode}` : (means ?? ''))
const meaning = (id: string): Means => (id.startsWith(MODE) ? { mode: id.slice(MODE.length) } : (id as Means & string))

type Props = { aircraft: Aircraft; document: Program; fn: SteppedFunction }

/** The steps of a switched function, and what chooses them: detents, or conditions. */
export function StepFields({ aircraft, document, fn }: Props) {
  const now = useFrame((frame) => frame.steps[fn.id])
  const nameOf = (step: Step) => step.name ?? capital(step.id)
  const change = (index: number, step: Step) =>
    changeFunction(
      fn.id,
      { steps: fn.steps.map((one, at) => (at === index ? step : one)) },
      `${fn.name}: ${nameOf(step)}`,
    )
  const add = () => {
    let number = fn.steps.length + 1
    while (fn.steps.some((step) => step.id === `step-${number}`)) number++
    changeFunction(
      fn.id,
      { steps: [...fn.steps, { id: `step-${number}`, name: `Step ${number}`, value: 0 }] },
      `${fn.name}: a step more`,
    )
  }
  const remove = (step: Step) =>
    changeFunction(fn.id, { steps: fn.steps.filter((one) => one !== step) }, `${fn.name}: without ${nameOf(step)}`)
  const drive = fn.drive && 'map' in fn.drive ? fn.drive : undefined
  const control = aircraft.transmitterDefinition.controls.find((one) => one.id === drive?.control)

  return (
    <>
      <div className="mt-2 flex items-center justify-between">
        <h3 className="text-muted text-sm">Steps</h3>
        <Button look="bare" className="min-h-7 px-1.5" onClick={add}>
          <Plus size={14} aria-hidden /> Step
        </Button>
      </div>
      {fn.steps.map((step, index) => {
        const active = now === step.id
        return (
          <div key={step.id} className="grid grid-cols-[1rem_1fr_6.5rem_1.75rem] items-center gap-1.5">
            <span className={active ? 'text-teal' : 'text-edge'}>
              <span aria-hidden>{active ? '◆' : '◇'}</span>
              {active && <span className="sr-only">active now</span>}
            </span>
            <TextField
              label={`Name of step ${index + 1}`}
              value={nameOf(step)}
              onCommit={(name) => change(index, { ...step, name })}
            />
            <NumberField
              label={`Value of ${nameOf(step)}`}
              value={step.value}
              least={-FARTHEST}
              most={FARTHEST}
              onChange={(value) => change(index, { ...step, value })}
            />
            <button
              type="button"
              aria-label={`Remove ${nameOf(step)}`}
              disabled={fn.steps.length === 1}
              onClick={() => remove(step)}
              className="rounded p-1 hover:bg-line disabled:opacity-30"
            >
              <X size={15} aria-hidden />
            </button>
            <span />
            <span className="col-span-2 flex items-center gap-2">
              <span className="shrink-0 text-muted text-sm">means</span>
              <Choice
                label={`${nameOf(step)} means`}
                value={meaningId(step)}
                placeholder="Choose what it means…"
                options={aircraft.choices.meanings}
                onChange={(id) => change(index, { ...step, means: meaning(id) })}
              />
            </span>
          </div>
        )
      })}
      {drive && control && (
        <>
          <h3 className="mt-2 text-muted text-sm">{control.name}</h3>
          {control.detents.map((detent) => (
            <Field key={detent} label={capital(detent)}>
              <Choice
                label={`${control.name} ${detent}`}
                value={fn.steps.some((step) => step.id === drive.map[detent]) ? (drive.map[detent] ?? '') : ''}
                placeholder="Choose a step…"
                options={fn.steps.map((step) => ({ id: step.id, name: nameOf(step) }))}
                onChange={(step) =>
                  changeFunction(
                    fn.id,
                    { drive: { control: drive.control, map: { ...drive.map, [detent]: step } } },
                    `${fn.name}: ${control.name} ${detent} means ${step}`,
                  )
                }
              />
            </Field>
          ))}
        </>
      )}
      <Cases aircraft={aircraft} document={document} fn={fn} />
    </>
  )
}
