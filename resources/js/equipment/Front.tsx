import { Plus } from 'lucide-react'
import type { KeyboardEvent, PointerEvent } from 'react'
import { useRef, useState } from 'react'
import type { Definition } from '@/api/types'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { ControlFields } from './ControlFields'
import { isPlace, type Place, type Placed } from './placed'

const SHAPES: Record<string, string> = {
  switch: 'h-8 w-5 rounded',
  button: 'size-6 rounded-full',
  dial: 'size-7 rounded-full border-2',
  slider: 'h-11 w-3 rounded',
}
const KEYS: Record<string, Place> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
const FAR = 5
/** Between the sticks, where there is room. */
const FREE: Place = [50, 25]

const inside = (at: number) => Math.min(100, Math.max(0, at))

/** The front of a transmitter: controls are dragged to their places, by keys too, named and added here. */
export function Front({ value, onChange }: { value: Definition; onChange: (value: Definition) => void }) {
  const front = useRef<HTMLDivElement>(null)
  const [moving, setMoving] = useState<number | null>(null)
  const [chosen, setChosen] = useState<number | null>(null)
  const controls = (Array.isArray(value.controls) ? value.controls : []) as Placed[]
  const gimbals = (value.gimbals ?? {}) as Record<string, unknown>
  const put = (index: number, change: Partial<Placed>) =>
    onChange({ ...value, controls: controls.map((one, at) => (at === index ? { ...one, ...change } : one)) })
  const drag = (event: PointerEvent) => {
    const box = front.current?.getBoundingClientRect()
    if (moving === null || !box) return
    const along = (at: number, from: number, size: number) => Math.round(inside(((at - from) / size) * 100))
    put(moving, { place: [along(event.clientX, box.left, box.width), along(event.clientY, box.top, box.height)] })
  }
  const nudge = (event: KeyboardEvent, index: number, place: Place) => {
    const way = KEYS[event.key]
    if (!way) return
    event.preventDefault()
    const by = event.shiftKey ? FAR : 1
    put(index, { place: [inside(place[0] + way[0] * by), inside(place[1] + way[1] * by)] })
  }
  const at = (place: Place) => ({ left: `${place[0]}%`, top: `${place[1]}%` })
  const add = () => {
    onChange({ ...value, controls: [...controls, { name: 'New switch', kind: 'switch', positions: 2, place: FREE }] })
    setChosen(controls.length)
  }
  const control = chosen === null ? undefined : controls[chosen]
  return (
    <section aria-label="Front of the transmitter" className="mb-3">
      <div
        ref={front}
        onPointerMove={drag}
        onPointerUp={() => setMoving(null)}
        onPointerLeave={() => setMoving(null)}
        className="relative h-52 touch-none select-none overflow-hidden rounded-xl border border-line bg-ground"
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
        {keyed(controls, () => 'control').map(
          ({ key, item: one, index }) =>
            isPlace(one.place) && (
              <button
                key={key}
                type="button"
                style={at(one.place)}
                data-placed={one.id}
                aria-pressed={chosen === index}
                title={one.name}
                onPointerDown={() => {
                  setMoving(index)
                  setChosen(index)
                }}
                onClick={() => setChosen(index)}
                onKeyDown={(event) => isPlace(one.place) && nudge(event, index, one.place)}
                className={`-translate-x-1/2 -translate-y-1/2 absolute flex cursor-grab flex-col items-center rounded p-0.5 text-sm ${chosen === index ? 'text-sodium' : 'text-muted'}`}
              >
                <span
                  className={`border bg-deep ${chosen === index ? 'border-sodium' : 'border-edge'} ${SHAPES[one.kind ?? ''] ?? 'size-5'}`}
                />
                <span className="max-w-20 truncate">{one.name}</span>
              </button>
            ),
        )}
      </div>
      {control && chosen !== null ? (
        <ControlFields
          control={control}
          onChange={(next) =>
            onChange({ ...value, controls: controls.map((one, place) => (place === chosen ? next : one)) })
          }
          onRemove={() => {
            onChange({ ...value, controls: controls.filter((_, place) => place !== chosen) })
            setChosen(null)
          }}
        />
      ) : (
        <p className="mt-1 text-muted text-sm">
          Drag a control to its place, or press it to name it; arrow keys move it too.
        </p>
      )}
      <Button className="mt-1 min-h-8 px-2" onClick={add}>
        <Plus size={15} aria-hidden /> Add a control
      </Button>
    </section>
  )
}
