import { useEffect, useRef, useState } from 'react'
import type { SenseLook, ToneDocument } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { NumberField } from '@/parts/NumberField'
import { Range } from '@/parts/Range'
import { Tick } from '@/parts/Tick'
import { Tone } from '@/recording/tone'
import { CheckResults } from '../CheckResults'
import { changeSense, without } from '../edits'
import { MomentChoice } from '../MomentChoice'
import type { View } from '../views'

const FIRST = 'the first climb'

/** How long a climb that was tried sounds, in ms. */
const TRIED = 1600

/** The variometer's tone: what it follows, when it is heard, and how it sounds. */
export function Variometer({ aircraft, document, look }: View) {
  const { tone } = look
  const set: ToneDocument = typeof document.sense?.tone === 'object' ? document.sense.tone : {}
  const change = (to: ToneDocument, note: string) =>
    changeSense((now) => ({ ...now, tone: Object.keys(to).length === 0 ? true : to }), `Vario tone: ${note}`)
  return (
    <section aria-label="Variometer" className="mt-4">
      <h3 className="font-semibold">Variometer</h3>
      <Tick
        says="Tone rises with climb, falls with sink"
        on={tone.on}
        onChange={(on) => changeSense((now) => ({ ...now, tone: on }), on ? 'Vario tone on' : 'Vario tone off')}
      />
      <CheckResults checks={look.checks} about="tone" />
      {tone.on && (
        <>
          <Sounds tone={tone} />
          <Field label="Follows">
            <Choice
              label="What the tone follows"
              value={set.of ?? FIRST}
              placeholder={set.of ?? ''}
              options={[
                { id: FIRST, name: tone.follows && !set.of ? `${tone.follows}, the first` : FIRST },
                ...tone.climbs,
              ]}
              onChange={(of) =>
                change(of === FIRST ? without(set, 'of') : { ...set, of }, of === FIRST ? FIRST : 'another climb')
              }
            />
          </Field>
          <Field label="Heard">
            <MomentChoice
              label="When the tone is heard"
              first="always"
              value={set.when}
              words={tone.when}
              document={document}
              aircraft={aircraft}
              onChange={(when) => change(when ? { ...set, when } : without(set, 'when'), when ? 'when' : 'always')}
            />
          </Field>
          {tone.numbers.map((row) => (
            <div key={row.key} className="mt-1 flex flex-wrap items-center gap-2">
              <span className={`text-muted text-sm ${row.parts.length > 2 ? 'w-full' : 'w-28'}`}>
                {row.name}, {row.unit}
              </span>
              {row.parts.map((part, place) => (
                <span key={part.name} className="min-w-0 flex-1">
                  <NumberField
                    label={part.name}
                    value={part.value}
                    least={part.least}
                    most={part.most}
                    unit=""
                    onChange={(to) => {
                      const values = row.parts.map((one, at) => (at === place ? to : one.value))
                      change({ ...set, [row.key]: values }, part.name.toLowerCase())
                    }}
                  />
                </span>
              ))}
            </div>
          ))}
        </>
      )}
    </section>
  )
}

const WIDE = 280
const HIGH = 72

/** The tone over the climb; a climb that one slides to is heard. */
function Sounds({ tone }: { tone: SenseLook['tone'] }) {
  const { line } = tone
  const middle = line.findIndex((one) => one.climb >= 0)
  const [at, setAt] = useState(middle)
  const heard = useRef<Tone | null>(null)
  const stop = useRef<(() => void) | null>(null)
  useEffect(() => () => stop.current?.(), [])
  const now = line[at] ?? line[0]
  const x = (place: number) => (place / (line.length - 1)) * WIDE
  const top = Math.max(...line.map((one) => one.frequency))
  const y = (frequency: number) => HIGH - 4 - (frequency / top) * (HIGH - 8)
  const hear = (to: number) => {
    setAt(to)
    stop.current?.()
    heard.current ??= new Tone()
    const began = performance.now()
    const timer = setInterval(() => {
      const gone = performance.now() - began
      if (gone > TRIED) stop.current?.()
      else heard.current?.at(line[to], gone / 1e3)
    }, 20)
    stop.current = () => {
      clearInterval(timer)
      heard.current?.quiet()
    }
  }
  const says = !now ? '' : `${now.says}: ${now.frequency === 0 ? 'silent' : sound(now)}`
  return (
    <div className="mt-1">
      <div className="relative">
        <svg viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden className="w-full rounded-lg border border-line bg-deep">
          <line x1={x(middle)} x2={x(middle)} y1={0} y2={HIGH} className="stroke-edge" strokeDasharray="2 3" />
          {line.map((one, place) => (
            <rect
              key={one.climb}
              x={x(place) - 2}
              width={4}
              y={one.frequency === 0 ? HIGH - 3 : y(one.frequency)}
              height={one.frequency === 0 ? 1 : HIGH - 4 - y(one.frequency)}
              className={place === at ? 'fill-ember' : one.frequency === 0 ? 'fill-edge' : 'fill-teal'}
              opacity={one.beeps > 0 || place === at ? 1 : 0.55}
            />
          ))}
        </svg>
        <Range
          label="Try a climb"
          value={at}
          min={0}
          max={line.length - 1}
          step={1}
          page={5}
          text={says}
          change={hear}
        />
      </div>
      <p role="status" className="figures text-sm">
        {says}
      </p>
    </div>
  )
}

const sound = ({ frequency, beeps }: { frequency: number; beeps: number }) =>
  `${frequency} Hz, ${beeps === 0 ? 'one long tone' : `${beeps} beeps a second`}`
