import { useEffect, useRef } from 'react'
import type { Flown } from '@/api/types'
import { keyed } from '@/parts/keyed'
import { player, useTime } from './player'

const MARKS = { critical: '◆', warning: '▲', note: '○' } as const
const TONES = { critical: 'text-rose', warning: 'text-sodium', note: 'text-muted' } as const

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/** Everything that is said, in order; a click goes there, and the list follows the time. */
export function Words({ flown }: { flown: Flown }) {
  const list = useRef<HTMLOListElement>(null)
  const time = useTime()
  const now = flown.said.findLastIndex((one) => one.from !== null && one.from <= time)
  useEffect(() => {
    const row = list.current?.children[Math.max(0, now)] as HTMLElement | undefined
    if (list.current && row) list.current.scrollTop = row.offsetTop - list.current.offsetTop - row.offsetHeight
  }, [now])
  return (
    <ol ref={list} aria-label="What is said" className="h-26 shrink-0 overflow-auto border-line border-t pt-1 text-sm">
      {keyed(flown.said, (one) => `${one.at} ${one.text}`).map(({ key, item: one, index }) => (
        <li key={key} data-said={one.by}>
          <button
            type="button"
            onClick={() => player.seek(one.from ?? one.at)}
            className={`flex w-full gap-1.5 rounded px-1 text-left hover:bg-raised ${index === now && time < (one.to ?? 0) + 1 ? 'bg-line' : ''}`}
          >
            <span className="figures shrink-0 text-muted">{clock(one.at)}</span>
            <span className={`shrink-0 ${TONES[one.priority]}`}>{MARKS[one.priority]}</span>
            <span className={one.dropped ? 'text-muted line-through' : ''}>{one.text}</span>
            {one.dropped && <span className="text-muted">{one.dropped}</span>}
          </button>
        </li>
      ))}
    </ol>
  )
}
