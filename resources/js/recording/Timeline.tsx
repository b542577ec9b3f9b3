import { useEffect, useRef } from 'react'
import type { LaidOver, Recording } from '@/api/types'
import { drag } from '@/parts/drag'
import { Range } from '@/parts/Range'
import { useWidth } from '@/parts/useWidth'
import { Axis } from './Axis'
import { clock } from './clock'
import { GUTTER, Lanes } from './Lanes'
import { player, useTime } from './player'
import { Traces } from './Traces'

type Props = { flight: Recording; names: Record<string, string>; over?: LaidOver | null }

/** The flight over time, where wanted with another laid over it; drag anywhere to scrub, or use the arrow keys. */
export function Timeline({ flight, names, over = null }: Props) {
  const seconds = over?.seconds ?? flight.seconds
  const box = useRef<HTMLDivElement>(null)
  const line = useRef<HTMLDivElement>(null)
  const time = useTime()
  const width = useWidth(box) - GUTTER
  useEffect(() => {
    // The line follows every frame without React.
    const put = (at: number) => {
      const wide = (box.current?.clientWidth ?? GUTTER) - GUTTER
      if (line.current) line.current.style.transform = `translateX(${GUTTER + (at / seconds) * wide}px)`
    }
    put(player.state.time)
    return player.watch((state) => put(state.time))
  }, [seconds])
  const seek = (clientX: number) => {
    const { left = 0, width = 1 } = box.current?.getBoundingClientRect() ?? {}
    player.seek(((clientX - left - GUTTER) / (width - GUTTER)) * seconds)
  }
  return (
    <div
      ref={box}
      role="presentation"
      className="relative min-w-0 touch-none select-none"
      onPointerDown={(event) => {
        seek(event.clientX)
        drag(event, (at) => seek(at.clientX))
      }}
    >
      <div style={{ paddingLeft: GUTTER }}>
        <Axis seconds={seconds} width={width} />
      </div>
      <Traces flight={flight} over={over} />
      <Lanes flight={seconds === flight.seconds ? flight : { ...flight, seconds }} names={names} width={width} />
      <div
        ref={line}
        aria-hidden
        className="pointer-events-none absolute top-0 bottom-0 left-0 w-0.5 bg-ember"
        style={{ transform: `translateX(${GUTTER}px)` }}
      />
      <Range
        label="Time in the flight"
        value={time}
        min={0}
        max={flight.seconds}
        step={1}
        page={10}
        text={clock(time)}
        change={(to) => player.seek(to)}
      />
    </div>
  )
}
