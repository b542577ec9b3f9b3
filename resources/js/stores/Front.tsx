import type { PointerEvent } from 'react'
import { useRef, useState } from 'react'
import type { Definition } from '@/api/types'

type Place = [number, number]
type Placed = { id?: string; name?: string; kind?: string; place?: unknown }

const isPlace = (place: unknown): place is Place =>
  Array.isArray(place) && place.length === 2 && place.every((one) => typeof one === 'number')
const SHAPES: Record<string, string> = {
  switch: 'h-8 w-5 rounded',
  button: 'size-6 rounded-full',
  dial: 'size-7 rounded-full border-2',
  slider: 'h-11 w-3 rounded',
}

/** The front of a transmitter as its definition places things; drag them, or type their places below. */
export function Front({ value, onChange }: { value: Definition; onChange: (value: Definition) => void }) {
  const front = useRef<HTMLDivElement>(null)
  const [moving, setMoving] = useState<number | null>(null)
  const controls = (Array.isArray(value.controls) ? value.controls : []) as Placed[]
  const gimbals = (value.gimbals ?? {}) as Record<string, unknown>
  const drag = (event: PointerEvent) => {
    const box = front.current?.getBoundingClientRect()
    if (moving === null || !box) return
    const along = (at: number, from: number, size: number) =>
      Math.round(Math.min(1, Math.max(0, (at - from) / size)) * 100)
    const place: Place = [along(event.clientX, box.left, box.width), along(event.clientY, box.top, box.height)]
    onChange({ ...value, controls: controls.map((one, index) => (index === moving ? { ...one, place } : one)) })
  }
  const at = (place: Place) => ({ left: `${place[0]}%`, top: `${place[1]}%` })
  return (
    <div
      ref={front}
      role="img"
      aria-label="Front of the transmitter"
      onPointerMove={drag}
      onPointerUp={() => setMoving(null)}
      onPointerLeave={() => setMoving(null)}
      className="relative mb-3 h-44 touch-none select-none overflow-hidden rounded-xl border border-line bg-ground"
    >
      {['left', 'right'].map((side) => {
        const place = gimbals[side]
        return (
          isPlace(place) && (
            <span
              key={side}
              style={at(place)}
              className="-translate-x-1/2 -translate-y-1/2 absolute flex h-28 w-24 items-center justify-center rounded-xl border border-line text-muted text-sm"
            >
              {side} stick
            </span>
          )
        )
      })}
      {controls.map(
        (one, index) =>
          isPlace(one.place) && (
            <span
              key={one.id ?? index}
              style={at(one.place)}
              data-placed={one.id}
              title={one.name}
              onPointerDown={() => setMoving(index)}
              className="-translate-x-1/2 -translate-y-1/2 absolute flex cursor-grab flex-col items-center text-sm"
            >
              <span
                className={`border bg-deep ${moving === index ? 'border-sodium' : 'border-edge'} ${SHAPES[one.kind ?? ''] ?? 'size-5'}`}
              />
              <span className="max-w-16 truncate text-muted">{one.name}</span>
            </span>
          ),
      )}
    </div>
  )
}
