import { useState } from 'react'
import { propose } from '@/api/proposals'
import type { MovingFunction, Program, ThrowUnit } from '@/api/types'
import { Button } from '@/parts/Button'
import { ProposalDialog } from '@/parts/ProposalDialog'
import { Amount, amountOf, SIGN } from './Amount'

type Throw = [string, string]
type Props = { document: Program; moving: MovingFunction; unit: ThrowUnit }

const now = ({ places }: MovingFunction): Record<string, Throw> =>
  Object.fromEntries(
    places.map(({ id, now: surfaces }) => {
      const first = surfaces.find((one) => one.throw !== null)?.throw ?? null
      return [id, [String(first?.[0] ?? ''), String(first?.[1] ?? '')]]
    }),
  )

/** How far the surfaces of one function shall go, place by place. */
export function Asked({ document, moving, unit }: Props) {
  const [asked, setAsked] = useState(() => now(moving))
  const [solving, setSolving] = useState(false)
  const put = (id: string, way: 0 | 1, text: string) => {
    const [below, above] = asked[id] ?? ['', '']
    setAsked({ ...asked, [id]: way === 0 ? [text, above] : [below, text] })
  }
  const wanted = moving.places.flatMap(({ id }) => {
    const [below, above] = (asked[id] ?? ['', '']).map(amountOf)
    return below == null || above == null ? [] : [{ place: id, below, above }]
  })
  const unmeasured = moving.places[0]?.now.filter((one) => one.throw === null).map((one) => one.surface) ?? []
  return (
    <div data-asked={moving.id} className="rounded-lg border border-line bg-raised px-3 py-2">
      <h4 className="font-semibold">{moving.name}</h4>
      {unmeasured.length > 0 && (
        <p className="text-sm">
          <span className="text-muted">○</span> Measure first: {unmeasured.join(', ')}
        </p>
      )}
      <div className="mt-1 grid gap-1">
        {moving.places.map((place) => (
          <div
            key={place.id}
            data-throw={place.id}
            className="grid grid-cols-[minmax(0,1fr)_5.5rem_5.5rem] items-center gap-2"
          >
            <span className="min-w-0 break-words text-sm">{place.name}</span>
            {([0, 1] as const).map((way) => (
              <Amount
                key={way}
                label={`${moving.name}, ${place.name}: ${moving.ways[way]}`}
                value={asked[place.id]?.[way] ?? ''}
                unit={unit}
                onChange={(text) => put(place.id, way, text)}
              />
            ))}
            {place.now.length > 1 && (
              <span className="col-span-3 text-muted text-sm">
                now{' '}
                {place.now
                  .flatMap(({ surface, throw: at }) =>
                    at
                      ? [`${surface} ${at[0]}${SIGN[unit]} ${moving.ways[0]}, ${at[1]}${SIGN[unit]} ${moving.ways[1]}`]
                      : [],
                  )
                  .join('; ')}
              </span>
            )}
          </div>
        ))}
        <div aria-hidden className="order-first grid grid-cols-[minmax(0,1fr)_5.5rem_5.5rem] gap-2 text-muted text-sm">
          <span />
          <span className="text-right">{moving.ways[0]}</span>
          <span className="text-right">{moving.ways[1]}</span>
        </div>
      </div>
      <Button
        className="mt-2"
        aria-label={`Solve ${moving.name}`}
        disabled={unmeasured.length > 0 || wanted.length === 0}
        onClick={() => setSolving(true)}
      >
        Solve…
      </Button>
      {solving && (
        <ProposalDialog
          title={`Throws of ${moving.name}`}
          says="Travel and rates that give them, by what was measured. Look at the model again afterwards."
          ask={() => propose.throws(document, moving.id, unit, wanted)}
          note={`Throws of ${moving.name}`}
          nothing="The surfaces go so far already."
          onClose={() => setSolving(false)}
        />
      )}
    </div>
  )
}
