import { useRef } from 'react'
import type { ChannelSlots, Ruler } from '@/api/types'
import { drag } from '@/parts/drag'
import { changeAboard } from '../aboard'
import { place } from '../place'

type Props = { channel: ChannelSlots; all: ChannelSlots[]; ruler: Ruler; live: number | null }

const STEP = 5
const tidy = (pulse: number) => Math.round(pulse / STEP) * STEP

/** The slots of a channel on the ruler; their edges are dragged, or moved by the arrow keys. */
export function SlotRuler({ channel, all, ruler, live }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const at = (pulse: number) => `${place(pulse, ruler)}%`
  const put = (mode: string, edge: 'from' | 'to', pulse: number) => {
    const held = Math.min(ruler.to, Math.max(ruler.from, tidy(pulse)))
    changeAboard(
      (aboard) => ({
        ...aboard,
        // The controller's own ranges are written down as soon as one of them is moved.
        controller: {
          ...aboard.controller,
          modes: (
            aboard.controller?.modes ??
            all.flatMap((one) =>
              one.slots.map((slot) => ({ mode: slot.mode, channel: one.channel, from: slot.from, to: slot.to })),
            )
          ).map((slot) => (slot.mode === mode && slot.channel === channel.channel ? { ...slot, [edge]: held } : slot)),
        },
      }),
      `Slot of ${mode} moved`,
    )
  }
  const follow = (mode: string, edge: 'from' | 'to') => (event: PointerEvent) => {
    const frame = box.current?.getBoundingClientRect()
    if (frame) put(mode, edge, ruler.from + ((event.clientX - frame.left) / frame.width) * (ruler.to - ruler.from))
  }
  return (
    <div ref={box} className="relative mt-2 h-14 rounded-lg bg-deep">
      {[ruler.low, ruler.centre, ruler.high].map((pulse) => (
        <span key={pulse} aria-hidden className="absolute inset-y-0 w-px bg-line" style={{ left: at(pulse) }} />
      ))}
      {channel.slots.map((slot) => (
        <div
          key={slot.mode}
          data-slot={slot.mode}
          className={`absolute top-1.5 bottom-1.5 overflow-hidden rounded border text-sm ${slot.risky ? 'border-rose' : slot.saves ? 'border-teal' : 'border-edge'} bg-line/60`}
          style={{ left: at(slot.from), width: `calc(${at(slot.to)} - ${at(slot.from)})` }}
        >
          <span className="block truncate px-2">
            {slot.saves ? '✓ ' : slot.risky ? '▲ ' : ''}
            {slot.name}
          </span>
          <span className="figures block truncate px-2 text-muted">
            {slot.from}–{slot.to}
          </span>
        </div>
      ))}
      {channel.slots.flatMap((slot) =>
        (['from', 'to'] as const).map((edge) => (
          <span
            key={`${slot.mode} ${edge}`}
            role="slider"
            tabIndex={0}
            aria-label={`${slot.name}, ${edge === 'from' ? 'lower' : 'upper'} edge`}
            aria-valuemin={ruler.from}
            aria-valuemax={ruler.to}
            aria-valuenow={slot[edge]}
            aria-valuetext={`${slot[edge]} µs`}
            data-edge={`${slot.mode} ${edge}`}
            className={`absolute inset-y-0 w-2.5 cursor-ew-resize touch-none ${edge === 'from' ? '' : '-translate-x-full'}`}
            style={{ left: at(slot[edge]) }}
            onPointerDown={(event) => {
              event.preventDefault()
              event.currentTarget.focus()
              drag(event, follow(slot.mode, edge))
            }}
            onKeyDown={(event) => {
              const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
              if (!by) return
              event.preventDefault()
              put(slot.mode, edge, slot[edge] + by * STEP * (event.shiftKey ? 10 : 1))
            }}
          />
        )),
      )}
      {channel.answers.map((one) => (
        <span
          key={one.step}
          aria-hidden
          className={`-translate-x-1/2 absolute bottom-0 text-sm ${one.margin !== null && one.margin < 25 ? 'text-rose' : 'text-sodium'}`}
          style={{ left: at(one.now) }}
        >
          ▲
        </span>
      ))}
      {live !== null && (
        <span
          data-live-slot={live}
          className="-translate-x-1/2 pointer-events-none absolute inset-y-0 w-1 rounded bg-teal"
          style={{ left: at(live) }}
        />
      )}
    </div>
  )
}
