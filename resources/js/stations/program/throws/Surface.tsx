import { useState } from 'react'
import { edit, propose } from '@/api/proposals'
import type { SurfaceThrow, ThrowUnit } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Amount, amountOf, SIGN } from './Amount'

type End = { by: string; way: 0 | 1 }

const WAY = { below: 0, above: 1 } as const

/** What was measured, one end each; before it the surface is taken to be in line at rest. */
function startOf({ measured, line }: SurfaceThrow, unit: ThrowUnit): End[] {
  const moved = measured?.unit === unit ? measured.moved : null
  return [0, 1, 2].map((place) => {
    const by = moved?.[place]
    if (by === undefined) return { by: place === line ? '0' : '', way: place < line ? WAY.below : WAY.above }
    return { by: String(by).replace('-', ''), way: by < 0 ? WAY.below : WAY.above }
  })
}

/** One surface: how far it is at three pulses. */
export function Surface({ surface, unit }: { surface: SurfaceThrow; unit: ThrowUnit }) {
  const [ends, setEnds] = useState(() => startOf(surface, unit))
  const [chord, setChord] = useState(String(surface.measured?.chord ?? ''))
  const [problem, setProblem] = useState<string | null>(null)
  const { name, channel, sends } = surface
  const ways = surface.ways.map((word, place) => ({ id: String(place), name: word }))
  const put = (place: number, change: Partial<End>) =>
    setEnds(ends.map((one, at) => (at === place ? { ...one, ...change } : one)))
  const moved = ends.map(({ by, way }) => ({ by: amountOf(by), way }))
  const isWhole = moved.every(({ by }) => by !== null)
  const keep = async () => {
    const along = chord.trim() === '' ? null : amountOf(chord)
    const measured = moved.map(({ by, way }) => ({ by: by ?? 0, way }))
    const answer = await edit(
      (document) => propose.measuredThrow(document, channel, unit, measured, along),
      `Measured ${name}`,
    )
    setProblem('problem' in answer ? answer.problem : null)
  }
  const known = surface.measured
  return (
    <li data-surface={channel} className="rounded-lg border border-line bg-raised px-3 py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <p className="w-36 min-w-0 break-words max-md:w-full">
          <span className="figures text-muted">{channel}</span> <strong className="font-semibold">{name}</strong>
          <span className="block text-muted text-sm">{surface.by ? `by ${surface.by}` : 'nothing moves it'}</span>
        </p>
        {sends &&
          ends.map((end, place) => (
            <span key={sends[place]} className="grid w-46 gap-1 max-md:w-full">
              <span className="figures text-muted text-sm">{sends[place]} µs</span>
              <span className="flex gap-1">
                <Amount
                  label={`${name} at ${sends[place]} µs`}
                  value={end.by}
                  unit={unit}
                  onChange={(by) => put(place, { by })}
                />
                <Choice
                  label={`${name} at ${sends[place]} µs goes`}
                  value={String(end.way)}
                  options={ways}
                  onChange={(way) => put(place, { way: way === '1' ? WAY.above : WAY.below })}
                />
              </span>
            </span>
          ))}
        {sends && (
          <label className="grid w-24 gap-1 text-muted text-sm">
            Chord, mm
            <input
              inputMode="decimal"
              aria-label={`Chord of ${name} in mm`}
              value={chord}
              placeholder="optional"
              onChange={(event) => setChord(event.target.value)}
              className="figures h-9 w-full rounded-lg border border-line bg-deep px-2 text-right text-ink"
            />
          </label>
        )}
        {sends && (
          <Button className="self-end" aria-label={`Keep ${name}`} disabled={!isWhole} onClick={() => void keep()}>
            Keep
          </Button>
        )}
      </div>
      {known && known.unit !== unit && (
        <p className="mt-1 text-muted text-sm">
          Measured as {known.moved.map((one) => `${one}${SIGN[known.unit]}`).join(', ')}
          {known.chord === null && '; with its chord it is known in both units'}.
        </p>
      )}
      {known && sends && JSON.stringify(known.sent) !== JSON.stringify(sends) && (
        <p className="mt-1 text-muted text-sm">
          Measured at {known.sent.map((one) => `${one} µs`).join(', ')}; it stays true while the linkage does.
        </p>
      )}
      {problem && (
        <p role="alert" className="mt-1 text-sm">
          <span className="text-rose">▲</span> {problem}
        </p>
      )}
    </li>
  )
}
