import type { KitLook } from '@/api/types'
import { Points } from '@/parts/Points'

/** Whether the kit fits together: each point with its cause and cure. */
export function Verdict({ look }: { look: KitLook | null }) {
  const wrong = look?.verdict.filter((one) => one.level === 'wrong').length ?? 0
  const open = look?.verdict.filter((one) => one.level === 'not checked').length ?? 0
  const [says, tone] =
    wrong > 0
      ? [`▲ ${wrong === 1 ? 'One thing doesn’t' : `${wrong} things don’t`} fit`, 'text-rose']
      : open > 0
        ? [
            `◌ Not known yet whether it fits: ${open === 1 ? 'one point is' : `${open} points are`} not checked`,
            'text-sodium',
          ]
        : ['✓ It fits together', 'text-teal']
  return (
    <section aria-label="Verdict" className="shrink-0 px-4 py-3 lg:w-80 print:hidden">
      <h2 className={look ? tone : 'text-muted'}>{look ? says : '◌ Looking…'}</h2>
      <Points points={look?.verdict ?? []} />
    </section>
  )
}
