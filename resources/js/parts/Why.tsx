import type { Explanation } from '@/api/types'
import { keyed } from './keyed'
import { percent } from './words'

const JOINS = { add: 'adds', replace: 'replaces the sum with', scale: 'multiplies the sum by' }

/** Why an output is where it is: every feed, then every stage to the pulse. */
export function Why({ explanation }: { explanation: Explanation }) {
  const stages: [string, string][] = [
    ['Sum of feeds', percent(explanation.sum, 1)],
    ['after travel', percent(explanation.afterTravel, 1)],
    ['after direction', percent(explanation.afterReverse, 1)],
    ['after sub-trim', percent(explanation.afterSubtrim, 1)],
    ['after limits', percent(explanation.signal, 1)],
    ['Pulse', `${explanation.pulse} µs`],
  ]
  return (
    <section aria-label={`Why channel ${explanation.channel} is where it is`}>
      <h3 className="mt-1 mb-1 text-muted text-sm">How this value is made</h3>
      <ol className="space-y-0.5 text-sm">
        {keyed(explanation.contributions, (one) => one.name).map(({ key, item: one }) => (
          <li key={key} className={`flex justify-between gap-2 ${one.active ? '' : 'text-muted'}`}>
            <span className="min-w-0 truncate">
              {one.name} <span className="text-muted">{one.active ? JOINS[one.combine] : 'is skipped now'}</span>
            </span>
            <span className="figures shrink-0">{one.active ? percent(one.amount, 1) : '—'}</span>
          </li>
        ))}
        {explanation.contributions.length === 0 && <li className="text-muted">Nothing feeds it.</li>}
      </ol>
      <dl className="mt-1.5 grid grid-cols-[1fr_auto] gap-y-0.5 border-line border-t pt-1.5 text-sm">
        {stages.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-muted">{name}</dt>
            <dd className="figures text-right" data-stage={name}>
              {value}
            </dd>
          </div>
        ))}
      </dl>
      {explanation.clipped && (
        <p className="mt-1 text-rose text-sm">▲ Clipped: it wants to go further than its limit lets it.</p>
      )}
    </section>
  )
}
