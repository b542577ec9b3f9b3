import { ToggleGroup } from 'radix-ui'
import { useState } from 'react'
import { useLines } from '@/api/lines'
import { useLive } from '@/api/live'
import type { Program, ProportionalFunction, Shape } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { NumberField } from '@/parts/NumberField'
import { ShapePlot } from '@/parts/ShapePlot'
import { percent } from '@/parts/words'
import { changeFunction, changeShape } from '../edits'
import { both } from '../pairs'

const EXPO = '(expo)'

type Props = {
  document: Program
  fn: ProportionalFunction
  /** Its overrides' conditions in words. */
  words: string[]
  /** Where there is no plot beside it. */
  plot?: boolean
  /** The phase, where another place keeps it. */
  at?: string
  onPhase?: (phase: string) => void
}

/** Dead band, and per phase rate, expo or curve, drawn with the live dot; then the trim. */
export function ShapeFields({ document, fn, words, plot = true, at, onPhase }: Props) {
  const { frame } = useLive()
  const { lines } = useLines(plot ? fn.id : undefined, undefined)
  const phases = document.phases ?? [{ id: 'main', name: 'Main' }]
  const [picked, setPicked] = useState<string | null>(null)
  const chosen = at ?? picked
  const setChosen = onPhase ?? setPicked
  const phase = phases.find((one) => one.id === (chosen ?? frame?.phase)) ?? phases[0]
  if (!phase) return null

  const base = phases[0]?.id ?? ''
  const own = fn.shape?.[phase.id]
  const shape: Shape = own ?? fn.shape?.[base] ?? {}
  const [low, high] = both(shape.rate, 1)
  const put = (next: Shape, what: string) => changeShape(fn, phase.id, next, `${fn.name} ${what}, ${phase.name}`)
  const { expo: _expo, curve: _curve, ...bare } = shape

  return (
    <>
      {!plot ? null : lines.length > 0 ? (
        <ShapePlot
          lines={lines}
          phase={phase.id}
          dot={frame?.dot ?? null}
          title={`${fn.name}: stick to value, ${phase.name}`}
        />
      ) : (
        <p className="rounded-lg border border-line border-dashed p-3 text-muted text-sm">
          Nothing moves it yet. Choose what drives it, or pull a thread to it from a control.
        </p>
      )}
      {phases.length > 1 && (
        <ToggleGroup.Root
          type="single"
          value={phase.id}
          onValueChange={(id) => id && setChosen(id)}
          aria-label="Phase"
          className="flex flex-wrap gap-1"
        >
          {phases.map((one) => (
            <ToggleGroup.Item
              key={one.id}
              value={one.id}
              className="rounded-lg border border-line px-2.5 py-1 text-sm data-[state=on]:border-sodium data-[state=on]:text-sodium"
            >
              {frame?.phase === one.id ? '◆ ' : ''}
              {one.name}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      )}
      {!own && phases.length > 1 && phase.id !== base && (
        <p className="text-muted text-sm">As in {phases[0]?.name}, until you change something here.</p>
      )}
      <Field label="Curve" htmlFor="fn-curve">
        <Choice
          id="fn-curve"
          label="Curve"
          value={shape.curve ?? EXPO}
          options={[
            { id: EXPO, name: 'None: expo' },
            ...Object.keys(document.curves ?? {}).map((id) => ({ id, name: id })),
          ]}
          onChange={(id) => put(id === EXPO ? bare : { ...bare, curve: id }, 'curve')}
        />
      </Field>
      {!shape.curve && (
        <Field label="Expo" htmlFor="fn-expo">
          <NumberField
            id="fn-expo"
            label="Expo"
            value={shape.expo ?? 0}
            least={-1}
            most={1}
            onChange={(expo) => put({ ...bare, expo }, 'expo')}
          />
        </Field>
      )}
      <Field label="Rate low, high">
        <NumberField
          label="Rate low"
          value={low}
          least={0}
          most={1.5}
          onChange={(rate) => put({ ...shape, rate: [rate, high] }, 'rate')}
        />
        <NumberField
          label="Rate high"
          value={high}
          least={0}
          most={1.5}
          onChange={(rate) => put({ ...shape, rate: [low, rate] }, 'rate')}
        />
      </Field>
      <Field label="Dead band" htmlFor="fn-deadband">
        <NumberField
          id="fn-deadband"
          label="Dead band"
          value={fn.deadband ?? 0}
          least={0}
          most={0.5}
          onChange={(deadband) => changeFunction(fn.id, { deadband }, `${fn.name} dead band`)}
        />
      </Field>
      {fn.drive && 'axis' in fn.drive && (
        <Field label="Trim at its end" htmlFor="fn-trim">
          <NumberField
            id="fn-trim"
            label="Trim at its end"
            value={fn.trim?.authority ?? 0}
            least={0}
            most={1}
            onChange={(authority) => changeFunction(fn.id, { trim: { ...fn.trim, authority } }, `${fn.name} trim`)}
          />
        </Field>
      )}
      {(fn.override ?? []).map((override, index) => (
        <p key={words[index] ?? JSON.stringify(override.when)} className="text-sm">
          <span className="text-sodium">Held at {percent(override.value)}</span> while{' '}
          {words[index] ?? 'a condition holds'}
        </p>
      ))}
    </>
  )
}
