import { useState } from 'react'
import { useLines } from '@/api/lines'
import type { Aircraft, Program, ProportionalFunction, Shape } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { ShapePlot } from '@/parts/ShapePlot'
import { changeFunction } from '../edits'
import { both } from '../pairs'
import { Holds } from './Holds'
import { LiveDot } from './LiveDot'
import { PlaceChoice } from './PlaceChoice'
import { changeShape, placesOf, useNow } from './places'
import { TrimFields } from './TrimFields'

const EXPO = '(expo)'

type Props = {
  aircraft: Aircraft
  document: Program
  fn: ProportionalFunction
  /** Where there is no plot beside it. */
  plot?: boolean
  /** The place, where another keeps it. */
  at?: string
  onPlace?: (id: string) => void
}

/** Per phase and dual rate: rate, expo or curve, drawn with the live dot; then dead band and trim. */
export function ShapeFields({ aircraft, document, fn, plot = true, at, onPlace }: Props) {
  const now = useNow()
  const { lines } = useLines(plot ? fn.id : undefined, undefined)
  const [picked, setPicked] = useState<string | null>(null)
  const words = aircraft.words.functions[fn.id] ?? []
  const places = placesOf(document, fn, words, now)
  const wanted = at ?? picked
  const place =
    places.find((one) => (wanted === null ? one.live : one.id === wanted)) ??
    places.find((one) => one.live) ??
    places[0]
  if (!place) return null

  const { shape } = place
  const [low, high] = both(shape.rate, 1)
  const put = (next: Shape, what: string) => changeShape(fn, place, next, `${fn.name} ${what}, ${place.name}`)
  const { expo: _expo, curve: _curve, ...bare } = shape

  return (
    <>
      {!plot ? null : lines.length > 0 ? (
        <ShapePlot lines={lines} place={place} title={`${fn.name}: stick to value, ${place.name}`}>
          <LiveDot />
        </ShapePlot>
      ) : (
        <p className="rounded-lg border border-line border-dashed p-3 text-muted text-sm">
          Nothing moves it yet. Choose what drives it, or pull a thread to it from a control.
        </p>
      )}
      <PlaceChoice
        aircraft={aircraft}
        document={document}
        fn={fn}
        places={places}
        place={place}
        choose={onPlace ?? setPicked}
      />
      {!place.own && place !== places[0] && (
        <p className="text-muted text-sm">As in {places[0]?.name}, until you change something here.</p>
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
          most={FARTHEST}
          onChange={(rate) => put({ ...shape, rate: [rate, high] }, 'rate')}
        />
        <NumberField
          label="Rate high"
          value={high}
          least={0}
          most={FARTHEST}
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
      <TrimFields document={document} fn={fn} />
      <Holds aircraft={aircraft} document={document} fn={fn} />
    </>
  )
}
