import { useState } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { Definition, Stores } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { Field } from '@/parts/Field'
import { idOf } from '@/parts/idOf'
import { Tick } from '@/parts/Tick'
import { forgetTyped, useKept } from '@/parts/useKept'
import { Count } from './Count'

const ANOTHER = 'another'
/** What is typed is kept under it. */
const FORM = 'new-transmitter'

const POSITIONS = [
  { id: 'direct', name: 'Each position gets its value directly' },
  { id: 'mix', name: 'A mix for each position: offset and rate' },
]
const COUNTS = [
  { id: 'two', name: 'Switches, 2 positions', most: 12 },
  { id: 'three', name: 'Switches, 3 positions', most: 12 },
  { id: 'button', name: 'Buttons', most: 8 },
  { id: 'dial', name: 'Dials', most: 4 },
  { id: 'slider', name: 'Sliders', most: 4 },
] as const

type Counts = Record<(typeof COUNTS)[number]['id'], number>
type Props = {
  stores: Stores
  free: (id: string) => string
  onMade: (definition: Definition) => void
  onClose: () => void
}

/** A transmitter from what one sees of it; its front is drawn next, to be dragged and named. */
export function FiveMinutes({ stores, free, onMade, onClose }: Props) {
  const [name, setName] = useKept(`${FORM}/name`, '')
  const [channels, setChannels] = useKept(`${FORM}/channels`, 8)
  const spans = stores.spans.map((one) => ({ id: String(one.span), name: one.says }))
  const [span, setSpan] = useKept(`${FORM}/span`, spans[0]?.id ?? ANOTHER)
  const [ownSpan, setOwnSpan] = useKept(`${FORM}/ownSpan`, stores.spans[0]?.span ?? 0)
  const [counts, setCounts] = useKept<Counts>(`${FORM}/counts`, { two: 4, three: 2, button: 1, dial: 1, slider: 0 })
  const [positions, setPositions] = useKept(`${FORM}/positions`, 'direct')
  const [limited, setLimited] = useKept(`${FORM}/limited`, false)
  const [mixes, setMixes] = useKept(`${FORM}/mixes`, 8)
  const [curvePoints, setCurvePoints] = useKept(`${FORM}/curvePoints`, 5)
  const [links, setLinks] = useKept<string[]>(`${FORM}/links`, [])
  const [link, setLink] = useKept(`${FORM}/link`, '')
  const [problem, setProblem] = useState<string | null>(null)
  const known = new Map(stores.links.flatMap((one) => one.links.map(({ id, name: title }) => [id, title])))
  const make = async () => {
    try {
      const { definition } = await data(
        POST('/api/propose/transmitter-definition', {
          body: {
            answers: {
              id: free(idOf(name)),
              name: name.trim(),
              channels,
              span: span === ANOTHER ? ownSpan : Number(span),
              counts,
              mixesPositions: positions === 'mix',
              ...(limited ? { mixes } : {}),
              curvePoints,
              links,
              ...(link.trim() === ''
                ? {}
                : { link: { id: idOf(link, new Set(known.keys())), name: link.trim(), telemetry: true } }),
            },
          },
        }),
      )
      forgetTyped(FORM)
      onMade(definition as unknown as Definition)
    } catch (error) {
      setProblem(said(error))
    }
  }
  return (
    <Dialog
      open
      title="New transmitter"
      says="Look at it and count. The front is drawn next: drag each control to its place, and name it as you do."
      onClose={onClose}
      foot={
        <>
          <Button
            onClick={() => {
              forgetTyped(FORM)
              onClose()
            }}
          >
            Cancel
          </Button>
          <Button look="main" disabled={name.trim() === ''} onClick={() => void make()}>
            Draw it
          </Button>
        </>
      }
    >
      <div className="grid gap-2">
        <Field label="Name" htmlFor="tx-name">
          <input
            id="tx-name"
            value={name}
            maxLength={60}
            onChange={(event) => setName(event.target.value)}
            className="h-9 w-full rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
          />
        </Field>
        <Field label="Channels" htmlFor="tx-channels">
          <Count id="tx-channels" label="Channels" value={channels} least={1} most={32} onChange={setChannels} />
        </Field>
        <fieldset className="grid gap-2 rounded-lg border border-line p-3 sm:grid-cols-2">
          <legend className="px-1 font-semibold">What the hand can touch, beside two sticks</legend>
          {COUNTS.map((one) => (
            <label key={one.id} htmlFor={`tx-${one.id}`} className="flex items-center justify-between gap-2 text-sm">
              {one.name}
              <Count
                id={`tx-${one.id}`}
                label={one.name}
                value={counts[one.id]}
                least={0}
                most={one.most}
                onChange={(count) => setCounts({ ...counts, [one.id]: count })}
              />
            </label>
          ))}
        </fieldset>
        <fieldset className="grid gap-2 rounded-lg border border-line p-3">
          <legend className="px-1 font-semibold">How values are entered</legend>
          <Field label="100 % is" htmlFor="tx-span">
            <Choice
              id="tx-span"
              label="100 % is"
              value={span}
              options={[...spans, { id: ANOTHER, name: 'Something else…' }]}
              onChange={setSpan}
            />
            {span === ANOTHER && (
              <Count label="µs from the middle" value={ownSpan} least={100} most={600} onChange={setOwnSpan} />
            )}
          </Field>
          <Field label="Switch positions" htmlFor="tx-positions">
            <Choice
              id="tx-positions"
              label="Switch positions"
              value={positions}
              options={POSITIONS}
              onChange={setPositions}
            />
          </Field>
          <Field label="Free mixes">
            <Tick says="Limited" on={limited} onChange={setLimited} />
            {limited && <Count label="Free mixes" value={mixes} least={0} most={200} onChange={setMixes} />}
          </Field>
          <Field label="Curve points" htmlFor="tx-curves">
            <Count
              id="tx-curves"
              label="Curve points, 0 without curves"
              value={curvePoints}
              least={0}
              most={17}
              onChange={setCurvePoints}
            />
            <span className="text-muted text-sm">0 where it has no curves</span>
          </Field>
        </fieldset>
        <fieldset className="rounded-lg border border-line p-3">
          <legend className="px-1 font-semibold">Links that it speaks</legend>
          {[...known].map(([id, title]) => (
            <Tick
              key={id}
              says={title}
              on={links.includes(id)}
              onChange={(on) => setLinks(on ? [...links, id] : links.filter((one) => one !== id))}
            />
          ))}
          <Field label="Another" htmlFor="tx-link">
            <input
              id="tx-link"
              value={link}
              maxLength={60}
              placeholder="as you call it; optional"
              onChange={(event) => setLink(event.target.value)}
              className="h-9 w-full rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
            />
          </Field>
        </fieldset>
        {problem && (
          <p role="alert" className="text-sm">
            <span className="text-rose">▲</span> {problem}
          </p>
        )}
      </div>
    </Dialog>
  )
}
