import type { Explanation } from '@/api/types'
import { keyed } from '@/parts/keyed'
import { FARTHEST } from '@/parts/limits'
import { percent } from '@/parts/words'

const JOINS = { add: '', replace: 'replaces: ', scale: 'multiplies: ' }
/** Where a signal stands on the track, in per cent of its width. */
const place = (value: number) => ((Math.min(FARTHEST, Math.max(-FARTHEST, value)) + FARTHEST) / (2 * FARTHEST)) * 100

/** How an output comes about: every feed on top of the sum before it, then every stage to the pulse. */
export function Waterfall({ explanation }: { explanation: Explanation }) {
  let before = 0
  const feeds = explanation.contributions.map((one) => {
    const row = {
      name: `${JOINS[one.combine]}${one.name}`,
      from: one.active ? before : one.sum,
      to: one.sum,
      says: one.active ? percent(one.amount, 1) : 'skipped',
      tone: 'bg-teal',
    }
    before = one.sum
    return row
  })
  const stage = (name: string, value: number, tone = 'bg-sodium') => ({
    name,
    from: 0,
    to: value,
    says: percent(value, 1),
    tone,
  })
  const stages = [
    stage('Sum', explanation.sum),
    stage('after travel', explanation.afterTravel),
    stage('after direction', explanation.afterReverse),
    stage('after sub-trim', explanation.afterSubtrim),
    stage('after limits', explanation.signal, explanation.clipped ? 'bg-rose' : 'bg-ember'),
  ]
  return (
    <section aria-label={`How channel ${explanation.channel} comes about`} className="text-sm">
      {keyed([...feeds, ...stages], (row) => row.name).map(({ key, item: row, index }) => (
        <div
          key={key}
          data-fall={row.name}
          className={`grid grid-cols-[7rem_1fr_4.5rem] items-center gap-2 py-0.5 ${index === feeds.length ? 'mt-1 border-line border-t pt-1' : ''}`}
        >
          <span className={`truncate ${index < feeds.length ? '' : 'text-muted'}`} title={row.name}>
            {row.name}
          </span>
          <span aria-hidden className="relative h-3.5 rounded bg-deep">
            {[-1, 0, 1].map((at) => (
              <span key={at} className="absolute inset-y-0 w-px bg-line" style={{ left: `${place(at)}%` }} />
            ))}
            <span
              className={`absolute inset-y-0.5 min-w-0.5 rounded-sm ${row.tone}`}
              style={{
                left: `${place(Math.min(row.from, row.to))}%`,
                width: `${Math.abs(place(row.to) - place(row.from))}%`,
              }}
            />
          </span>
          <span className="figures text-right">{row.says}</span>
        </div>
      ))}
      {feeds.length === 0 && <p className="text-muted">Nothing feeds it.</p>}
      <p className="mt-1 flex justify-between border-line border-t pt-1">
        <span className="text-rose">{explanation.clipped && '▲ clips: it wants to go further'}</span>
        <strong className="figures">{explanation.pulse} µs</strong>
      </p>
    </section>
  )
}
