import type { FieldProps } from '@rjsf/utils'
import { useState } from 'react'
import { Choice } from '@/parts/Choice'
import { Tick } from '@/parts/Tick'
import type { Around } from './picks'
import { inWords } from './templates'

const box = 'figures h-9 w-full min-w-0 rounded-lg border border-line bg-deep px-2 text-right'

/** Two numbers that belong together: from and to, across and down. One number alone counts for both. */
export function Pair({ formData, fieldPathId, name, onChange }: FieldProps) {
  const pair: unknown[] = Array.isArray(formData) ? formData : formData === undefined ? [] : [formData, formData]
  const put = (place: number, text: string) => {
    const typed = text.replace(',', '.').replace('−', '-')
    const number = Number(typed)
    // What isn't a number yet stays as it was typed; the core says so when it's kept.
    const next = [pair[0], pair[1]]
    next[place] = typed === '' || Number.isNaN(number) || typed.endsWith('.') ? typed : number
    onChange(next, fieldPathId.path)
  }
  return (
    <span className="flex gap-1">
      {[0, 1].map((place) => (
        <input
          key={place}
          aria-label={`${inWords(name)} ${place + 1}`}
          inputMode="decimal"
          className={box}
          value={String(pair[place] ?? '')}
          onChange={(event) => put(place, event.target.value)}
        />
      ))}
    </span>
  )
}

/** Some of several. */
export function Several({ formData, schema, fieldPathId, onChange }: FieldProps) {
  const all = ((schema.items as { enum?: string[] } | undefined)?.enum ?? []) as string[]
  const has = (formData ?? []) as string[]
  return (
    <span className="flex flex-wrap gap-x-4">
      {all.map((one) => (
        <Tick
          key={one}
          says={inWords(one)}
          on={has.includes(one)}
          onChange={(on) =>
            onChange(
              all.filter((other) => (other === one ? on : has.includes(other))),
              fieldPathId.path,
            )
          }
        />
      ))}
    </span>
  )
}

/** Words or numbers in a row, with commas between. What should be a number and isn't one stays; the core says so. */
export function Listed({ formData, schema, fieldPathId, name, onChange }: FieldProps) {
  const [text, setText] = useState(() => ((formData ?? []) as (string | number)[]).join(', '))
  const isNumber = (schema.items as { type?: string } | undefined)?.type === 'integer'
  const read = (word: string) => (isNumber && !Number.isNaN(Number(word)) ? Number(word) : word)
  return (
    <input
      aria-label={inWords(name)}
      className="h-9 w-full rounded-lg border border-line bg-deep px-2.5"
      value={text}
      onChange={(event) => {
        setText(event.target.value)
        const words = event.target.value.split(',').map((word) => word.trim())
        onChange(words.filter((word) => word !== '').map(read), fieldPathId.path)
      }}
    />
  )
}

type Deed = { function: string; step?: string; value?: number } | { control: string; at?: string; value?: number }

const isFigure = (text: string) => text !== '' && !Number.isNaN(Number(text))
const read = (text: string): Deed => {
  const byControl = text.includes('=')
  const [name = '', ...rest] = text.split(byControl ? '=' : ':').map((word) => word.trim())
  const to = rest.join(':').replace('−', '-')
  if (byControl) return { control: name, ...(isFigure(to) ? { value: Number(to) } : { at: to }) }
  return { function: name, ...(isFigure(to) ? { value: Number(to) } : { step: to }) }
}
const written = (one: Deed) =>
  'control' in one ? `${one.control} = ${one.at ?? one.value}` : `${one.function}: ${one.step ?? one.value}`

/** What may be done by everybody's names. */
const USUAL = [
  'arm: armed',
  'arm: safe',
  'cut: ready',
  'cut: cut',
  'hold: released',
  'hold: hold',
  'mode: self-level',
  'mode: come-home',
  'telemetry: reset',
]

/**
 * What a leg does: functions and their steps, or where they go from −1 to 1. What isn't right stays; the core
 * says so.
 */
export function Doing({ formData, fieldPathId, name, onChange, registry }: FieldProps) {
  const [text, setText] = useState(() => ((formData ?? []) as Deed[]).map(written).join(', '))
  const { stores } = registry.formContext as Around
  const put = (next: string) => {
    setText(next)
    const deeds = next.split(',').filter((one) => one.trim() !== '')
    onChange(deeds.length === 0 ? undefined : deeds.map(read), fieldPathId.path)
  }
  const hands = (stores?.definitions.find((one) => one.kind === 'transmitters')?.items ?? []).flatMap(({ document }) =>
    ((document as { controls?: ControlOf[] }).controls ?? []).flatMap((control) =>
      positions(control).map((at) => ({
        id: `${control.id} = ${at}`,
        name: `${control.name} ${at}`,
        group: document.name,
      })),
    ),
  )
  return (
    <span className="grid grid-cols-[1fr_5rem] gap-1">
      <input
        aria-label={inWords(name)}
        placeholder="arm: armed, left-shoulder = away"
        className="h-9 w-full min-w-0 rounded-lg border border-line bg-deep px-2.5"
        value={text}
        onChange={(event) => put(event.target.value)}
      />
      <Choice
        label={`Add to ${inWords(name)}`}
        value=""
        placeholder="Add…"
        options={[...USUAL.map((id) => ({ id, name: id, group: 'whatever it is called' })), ...hands]}
        onChange={(one) => put(text.trim() === '' ? one : `${text}, ${one}`)}
      />
    </span>
  )
}

type ControlOf = { id: string; name: string; kind: string; positions?: number }

/** Where a control of a transmitter's definition may be put. */
function positions({ kind, positions }: ControlOf): string[] {
  if (kind === 'button') return ['pressed']
  if (kind !== 'switch') return ['-1', '0', '1']
  return positions === 3 ? ['toward', 'middle', 'away'] : ['toward', 'away']
}
