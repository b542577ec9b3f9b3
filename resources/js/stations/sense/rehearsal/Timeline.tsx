import { useEffect, useRef } from 'react'
import type { Flown } from '@/api/types'
import { GUTTER, Lanes } from './Lanes'
import { player, useTime } from './player'
import { Traces } from './Traces'

/** The flight over time; drag anywhere to scrub, or use the arrow keys. */
export function Timeline({ flown, names }: { flown: Flown; names: Record<string, string> }) {
  const box = useRef<HTMLDivElement>(null)
  const line = useRef<HTMLDivElement>(null)
  const time = useTime()
  useEffect(() => {
    // The line follows every frame without React.
    const put = (at: number) => {
      const wide = (box.current?.clientWidth ?? GUTTER) - GUTTER
      if (line.current) line.current.style.transform = `translateX(${GUTTER + (at / flown.seconds) * wide}px)`
    }
    put(player.state.time)
    return player.watch((state) => put(state.time))
  }, [flown])
  const seek = (clientX: number) => {
    const { left = 0, width = 1 } = box.current?.getBoundingClientRect() ?? {}
    player.seek(((clientX - left - GUTTER) / (width - GUTTER)) * flown.seconds)
  }
  return (
    <div
      ref={box}
      role="slider"
      tabIndex={0}
      aria-label="Time in the flight"
      aria-valuemin={0}
      aria-valuemax={flown.seconds}
      aria-valuenow={time}
      className="relative min-w-0 touch-none select-none"
      onPointerDown={(event) => {
        seek(event.clientX)
        const move = (to: globalThis.PointerEvent) => seek(to.clientX)
        const up = () => {
          window.removeEventListener('pointermove', move)
          window.removeEventListener('pointerup', up)
        }
        window.addEventListener('pointermove', move)
        window.addEventListener('pointerup', up)
      }}
      onKeyDown={(event) => {
        const by = { ArrowLeft: -1, ArrowRight: 1, PageUp: -10, PageDown: 10 }[event.key]
        if (by === undefined) return
        event.preventDefault()
        event.stopPropagation()
        player.seek(player.state.time + by)
      }}
    >
      <Traces flown={flown} />
      <Lanes flown={flown} names={names} />
      <div
        ref={line}
        aria-hidden
        className="pointer-events-none absolute top-0 bottom-0 left-0 w-0.5 bg-ember"
        style={{ transform: `translateX(${GUTTER}px)` }}
      />
    </div>
  )
}
