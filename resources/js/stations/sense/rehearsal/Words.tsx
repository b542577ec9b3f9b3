import type { Flown } from '@/api/types'
import { keyed } from '@/parts/keyed'
import { player, useTime } from './player'

const MARKS = { critical: '◆', warning: '▲', note: '○' } as const
const TONES = { critical: 'text-rose', warning: 'text-sodium', note: 'text-muted' } as const

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/** Everything that is said, in order; a click goes there. */
export function Words({ flown }: { flown: Flown }) {
  const time = useTime()
  return (
    <ol aria-label="What is said" className="mt-2 columns-2 gap-4 text-sm xl:columns-3">
      {keyed(flown.said, (one) => `${one.at} ${one.text}`).map(({ key, item: one }) => (
        <li key={key} data-said={one.by} className="break-inside-avoid">
          <button
            type="button"
            onClick={() => player.seek(one.from ?? one.at)}
            className={`flex w-full gap-1.5 rounded px-1 text-left hover:bg-raised ${one.from !== null && one.from <= time && time < (one.to ?? 0) ? 'bg-line' : ''}`}
          >
            <span className="figures shrink-0 text-muted">{clock(one.at)}</span>
            <span className={`shrink-0 ${TONES[one.priority]}`}>{MARKS[one.priority]}</span>
            <span className={one.dropped ? 'text-muted line-through' : ''} title={one.dropped ?? undefined}>
              {one.text}
            </span>
          </button>
        </li>
      ))}
    </ol>
  )
}
