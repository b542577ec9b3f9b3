import type { KitLook } from '@/api/types'
import { Points } from '@/parts/Points'
import { Scroller } from '@/parts/Scroller'

/** Whether the kit fits together: each point with its cause and cure. */
export function Verdict({ look }: { look: KitLook | null }) {
  const wrong = look?.verdict.filter((one) => one.level === 'wrong').length ?? 0
  const says = wrong > 0 ? `▲ ${wrong === 1 ? 'One thing doesn’t' : `${wrong} things don’t`} fit` : '✓ It fits together'
  return (
    <Scroller label="Verdict" className="shrink-0 px-4 py-3 lg:w-80 lg:overflow-auto print:hidden">
      <h2 className={wrong > 0 ? 'text-rose' : 'text-teal'}>{look ? says : '◌ Looking…'}</h2>
      <Points points={look?.verdict ?? []} />
    </Scroller>
  )
}
