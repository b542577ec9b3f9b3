import type { KitLook } from '@/api/types'
import { Scroller } from '@/parts/Scroller'

const LEVELS = {
  fine: ['✓', 'text-teal', 'fits'],
  look: ['○', 'text-sodium', 'worth a look'],
  wrong: ['▲', 'text-rose', 'does not fit'],
} as const

/** Whether the kit fits together: each point with its cause and cure. */
export function Verdict({ look }: { look: KitLook | null }) {
  const wrong = look?.verdict.filter((one) => one.level === 'wrong').length ?? 0
  const says = wrong > 0 ? `▲ ${wrong === 1 ? 'One thing doesn’t' : `${wrong} things don’t`} fit` : '✓ It fits together'
  return (
    <Scroller label="Verdict" className="shrink-0 px-4 py-3 lg:w-80 lg:overflow-auto print:hidden">
      <h2 className={wrong > 0 ? 'text-rose' : 'text-teal'}>{look ? says : '◌ Looking…'}</h2>
      <ul className="mt-1 grid gap-1">
        {(look?.verdict ?? []).map((point) => {
          const [mark, tone, word] = LEVELS[point.level]
          return (
            <li
              key={point.topic + point.says}
              data-point={point.level}
              className="rounded-lg border border-line bg-raised px-2.5 py-1.5 text-sm"
            >
              <span className={tone}>
                <span aria-hidden>{mark}</span> <span className="sr-only">{word}: </span>
                {point.topic}
              </span>{' '}
              {point.says}
              {point.cure && point.level !== 'fine' && <span className="block text-muted">{point.cure}</span>}
            </li>
          )
        })}
      </ul>
    </Scroller>
  )
}
