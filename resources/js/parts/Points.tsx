import type { Point } from '@/api/types'

const LEVELS = {
  fine: ['✓', 'text-teal', 'fits'],
  look: ['○', 'text-sodium', 'worth a look'],
  'not checked': ['◌', 'text-sodium', 'not checked'],
  wrong: ['▲', 'text-rose', 'does not fit'],
} as const

/** Points of a verdict, each with its cause and cure. */
export function Points({ points }: { points: Point[] }) {
  return (
    <ul className="mt-1 grid gap-1">
      {points.map((point) => {
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
  )
}
