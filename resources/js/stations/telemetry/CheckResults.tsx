import type { SenseLook } from '@/api/types'

/** What the core found about one thing, beside it. */
export function CheckResults({ checks, about }: { checks: SenseLook['checks']; about: string }) {
  return checks
    .filter((one) => one.about === about)
    .map((one) => (
      <p key={one.says} data-check={one.level} className="mt-1 text-sm">
        <span className={one.level === 'wrong' ? 'text-rose' : 'text-sodium'}>
          {one.level === 'wrong' ? '▲' : '○'} {one.says}
        </span>{' '}
        <span className="text-muted">{one.cure}</span>
      </p>
    ))
}
