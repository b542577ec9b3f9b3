import { useRef } from 'react'
import type { Curve } from '@/api/types'
import { drag } from '@/parts/drag'
import { keyed } from '@/parts/keyed'
import { across, down, EDGE, Grid, path, SIZE } from '@/parts/plane'
import { percent } from '@/parts/words'
import { changeCurve } from './curves'
import { LiveMark } from './LiveMark'

type Props = {
  id: string
  curve: Curve
  /** The curve as the core draws it. */
  line: [number, number][]
  chosen: number
  choose: (index: number) => void
}

const FINE = 0.01
const tidy = (value: number) => Number(value.toFixed(3))
const inside = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))

/** A curve's points, to be dragged or moved by the arrow keys; Delete takes one away. */
export function CurveEditor({ id, curve, line, chosen, choose }: Props) {
  const svg = useRef<SVGSVGElement>(null)
  const { points } = curve

  const put = (index: number, to: [number, number]) => {
    const before = points[index - 1]
    const after = points[index + 1]
    const ends = !before || !after
    changeCurve(
      id,
      {
        points: points.map((point, at) =>
          at === index
            ? [
                ends ? (point[0] ?? 0) : tidy(inside(to[0], (before[0] ?? 0) + FINE, (after[0] ?? 0) - FINE)),
                tidy(inside(to[1], -EDGE, EDGE)),
              ]
            : point,
        ),
      },
      `Curve ${id}: point ${index + 1}`,
    )
  }
  const remove = (index: number) => {
    if (index === 0 || index === points.length - 1) return
    changeCurve(id, { points: points.filter((_, at) => at !== index) }, `Curve ${id}: a point less`)
    choose(index - 1)
  }
  const follow = (index: number) => (at: PointerEvent) => {
    const onScreen = svg.current?.getScreenCTM()
    if (!onScreen) return
    const { x: left, y: top } = new DOMPoint(at.clientX, at.clientY).matrixTransform(onScreen.inverse())
    put(index, [(left / SIZE) * 2 - 1, EDGE - (top / SIZE) * 2 * EDGE])
  }

  return (
    <svg
      ref={svg}
      viewBox={`-8 -8 ${SIZE + 16} ${SIZE + 16}`}
      className="aspect-square w-full md:aspect-auto md:min-h-0 md:flex-1"
    >
      <title>{`Curve ${id}`}</title>
      <Grid />
      <path d={path(line)} className="fill-none stroke-sodium" strokeWidth="2.2" />
      <LiveMark line={line} />
      {keyed(points, () => 'point').map(({ key, item: point, index }) => (
        <g
          key={key}
          role="slider"
          tabIndex={0}
          data-point={index}
          aria-label={`Point ${index + 1} of ${points.length}`}
          aria-valuemin={-EDGE * 100}
          aria-valuemax={EDGE * 100}
          aria-valuenow={Math.round((point[1] ?? 0) * 100)}
          aria-valuetext={`${percent(point[0] ?? 0)} gives ${percent(point[1] ?? 0, 1)}`}
          className="cursor-grab touch-none"
          onFocus={() => choose(index)}
          onPointerDown={(event) => {
            event.preventDefault()
            event.currentTarget.focus()
            drag(event, follow(index))
          }}
          onKeyDown={(event) => {
            const by = FINE * (event.shiftKey ? 10 : 1)
            const height = point[1] ?? 0
            const to = { PageUp: height + FINE * 10, PageDown: height - FINE * 10, Home: -EDGE, End: EDGE }[event.key]
            const way = { ArrowUp: [0, by], ArrowDown: [0, -by], ArrowLeft: [-by, 0], ArrowRight: [by, 0] }[event.key]
            if (way) put(index, [(point[0] ?? 0) + (way[0] ?? 0), (point[1] ?? 0) + (way[1] ?? 0)])
            else if (to !== undefined) put(index, [point[0] ?? 0, to])
            else if (event.key === 'Delete' || event.key === 'Backspace') remove(index)
            else return
            event.preventDefault()
          }}
        >
          <circle cx={across(point[0] ?? 0)} cy={down(point[1] ?? 0)} r="12" fill="transparent" />
          <rect
            x={across(point[0] ?? 0) - 5.5}
            y={down(point[1] ?? 0) - 5.5}
            width="11"
            height="11"
            rx={index === chosen ? 5.5 : 2}
            className={`stroke-deep ${index === chosen ? 'fill-ember' : 'fill-sodium'}`}
            strokeWidth="2"
          />
        </g>
      ))}
    </svg>
  )
}
