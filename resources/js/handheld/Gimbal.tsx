import { useRef } from 'react'
import { hand } from '@/api/hand'
import type { Axis } from '@/api/types'
import { drag } from '@/parts/drag'
import { Range } from '@/parts/Range'
import { capital, percent } from '@/parts/words'
import { hold, STEP } from './keys'
import { Trim } from './Trim'
import { useAxisValue } from './values'

type Props = {
  side: 'left' | 'right'
  across: Axis
  up: Axis
  trimClicks: number
}

/** The stick's top stays inside its pad. */
const RIM = 13
const along = (value: number) => `calc(${RIM}px + (100% - ${2 * RIM}px) * ${(value + 1) / 2})`

/** A stick: dragged on its pad, or each axis with the arrow keys; a double click lets it go. */
export function Gimbal({ side, across, up, trimClicks }: Props) {
  const pad = useRef<HTMLDivElement>(null)
  const x = useAxisValue(across)
  const y = useAxisValue(up)

  const follow = (event: { clientX: number; clientY: number }) => {
    const box = pad.current?.getBoundingClientRect()
    if (!box) return
    hand.axes({
      [across]: hold(((event.clientX - box.left - RIM) / (box.width - 2 * RIM)) * 2 - 1),
      [up]: hold(1 - ((event.clientY - box.top - RIM) / (box.height - 2 * RIM)) * 2),
    })
  }

  const axis = (name: Axis, value: number, className: string) => (
    <div className={`absolute rounded bg-line ${className}`}>
      <span
        className="absolute bg-teal"
        style={
          name === up
            ? { bottom: `${((value + 1) / 2) * 100}%`, left: 0, right: 0, height: 3, marginBottom: -1.5 }
            : { left: `${((value + 1) / 2) * 100}%`, top: 0, bottom: 0, width: 3, marginLeft: -1.5 }
        }
      />
      <Range
        label={`${capital(name)} stick`}
        value={value}
        min={-1}
        max={1}
        step={STEP}
        text={percent(value)}
        vertical={name === up}
        change={(next) => hand.axes({ [name]: hold(next) })}
        rest={() => hand.axesAtRest([name])}
        data={{ 'data-axis': name }}
      />
    </div>
  )

  return (
    <fieldset aria-label={`${capital(side)} stick`} className="relative size-34 shrink-0">
      {/* The pad is for the pointer; its two axes beside it are the sliders that keys and readers use. */}
      <div
        role="img"
        aria-label={`${capital(side)} stick’s place`}
        ref={pad}
        data-gimbal={side}
        className="absolute top-0 right-4 bottom-4 left-4 touch-none rounded-xl border border-line bg-deep"
        onPointerDown={(event) => {
          follow(event)
          drag(event, follow)
        }}
        onDoubleClick={() => hand.axesAtRest([across, up])}
      >
        <span aria-hidden className="absolute inset-x-2 top-1/2 h-px bg-line" />
        <span aria-hidden className="absolute inset-y-2 left-1/2 w-px bg-line" />
        <span
          aria-hidden
          className="-translate-x-1/2 translate-y-1/2 pointer-events-none absolute size-6 rounded-full border-2 border-ink bg-ember shadow-lg"
          style={{ left: along(x), bottom: along(y) }}
        />
      </div>
      {axis(across, x, 'bottom-2 left-4 right-4 h-1.5')}
      {axis(up, y, `top-0 bottom-4 w-1.5 ${side === 'left' ? 'right-2' : 'left-2'}`)}
      <Trim axis={across} clicks={trimClicks} vertical={false} className="right-4 bottom-0 left-4 h-1.5" />
      <Trim
        axis={up}
        clicks={trimClicks}
        vertical
        className={`top-0 bottom-4 w-1.5 ${side === 'left' ? 'right-0' : 'left-0'}`}
      />
    </fieldset>
  )
}
