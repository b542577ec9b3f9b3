import type { Recording } from '@/api/types'
import { keyed } from '@/parts/keyed'
import { clock } from './clock'
import { player, useTime } from './player'

const MARKS = { critical: '◆', warning: '▲', note: '○' } as const
const TONES = { critical: 'text-rose', warning: 'text-sodium', note: 'text-muted' } as const

/** Everything that is said, in order; a click goes there, and the one that is heard is marked. */
export function Words({ flight }: { flight: Recording }) {
  const time = useTime()
  const now = flight.said.findLastIndex((one) => one.from !== null && one.from <= time)
  return (
    <details open className="mt-3">
      <summary className="flex min-h-9 items-center font-semibold max-md:min-h-11">
        What is said: {flight.said.length}
      </summary>
      <ol aria-label="What is said" className="text-sm">
        {keyed(flight.said, (one) => `${one.at} ${one.text}`).map(({ key, item: one, index }) => (
          <li key={key} data-said={one.by}>
            <button
              type="button"
              onClick={() => player.seek(one.from ?? one.at)}
              className={`flex w-full gap-1.5 rounded px-1 text-left max-md:min-h-11 max-md:items-center hover:bg-raised ${index === now && time < (one.to ?? 0) + 1 ? 'bg-line' : ''}`}
            >
              <span className="figures shrink-0 text-muted">{clock(one.at)}</span>
              <span className={`shrink-0 ${TONES[one.priority]}`}>{MARKS[one.priority]}</span>
              <span className={one.dropped ? 'text-muted line-through' : ''}>{one.text}</span>
              {one.dropped && <span className="text-muted">{one.dropped}</span>}
            </button>
          </li>
        ))}
      </ol>
    </details>
  )
}
