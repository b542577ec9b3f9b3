import { type RefObject, useLayoutEffect, useRef, useState } from 'react'
import { useFrame } from '@/api/live'
import type { Thread } from '@/api/types'
import { carried } from './ends'
import type { Pulled } from './usePull'

type Ends = Record<string, { left: number; right: number; y: number }>
type Props = { threads: Thread[]; at: string | null; pulled: Pulled }

/** Where the ends are, measured after each layout: the loom's rows give way to one another. */
function useEnds(svg: RefObject<SVGSVGElement | null>): Ends {
  const [ends, setEnds] = useState<Ends>({})
  useLayoutEffect(() => {
    const element = svg.current?.parentElement
    if (!element) return
    const measure = () => {
      const frame = element.getBoundingClientRect()
      const now: Ends = {}
      for (const node of element.querySelectorAll<HTMLElement>('[data-end]')) {
        const rect = node.getBoundingClientRect()
        now[node.dataset.end ?? ''] = {
          left: rect.left - frame.left,
          right: rect.right - frame.left,
          y: rect.top - frame.top + rect.height / 2,
        }
      }
      setEnds(now)
    }
    const sizes = new ResizeObserver(measure)
    sizes.observe(element)
    const look = () => {
      for (const node of element.querySelectorAll('[data-end]')) sizes.observe(node)
      measure()
    }
    look()
    const nodes = new MutationObserver(look)
    nodes.observe(element, { childList: true, subtree: true })
    return () => {
      sizes.disconnect()
      nodes.disconnect()
    }
  }, [svg])
  return ends
}

const bow = (x1: number, y1: number, x2: number, y2: number) => {
  const reach = Math.max(24, Math.abs(x2 - x1) * 0.45)
  return `M${x1} ${y1}C${x1 + reach} ${y1} ${x2 - reach} ${y2} ${x2} ${y2}`
}

function Line({ from, to, how, d, at }: Thread & { d: string; at: string | null }) {
  const load = useFrame((frame) => Math.min(1, Math.abs(carried(from, frame)))) ?? 0
  const chosen = at === from || at === to
  return (
    <path
      data-thread={`${from} ${to}`}
      d={d}
      className={`fill-none ${chosen ? 'stroke-sodium' : how === 'condition' ? 'stroke-edge' : 'stroke-teal'}`}
      strokeWidth={how === 'condition' ? 1.2 : 1.2 + 3 * load}
      strokeDasharray={how === 'condition' ? '3 4' : undefined}
      opacity={at !== null && !chosen ? 0.14 : chosen ? 0.95 : 0.35 + 0.55 * load}
    />
  )
}

/** The threads: thicker and brighter the more they carry. */
export function Threads({ threads, at, pulled }: Props) {
  const svg = useRef<SVGSVGElement>(null)
  const ends = useEnds(svg)
  const start = pulled && ends[pulled.from]
  return (
    <svg ref={svg} aria-hidden className="pointer-events-none absolute inset-0 size-full">
      {threads.map(({ from, to, how }) => {
        const a = ends[from]
        const b = ends[to]
        if (!a || !b) return null
        return <Line key={`${from} ${to}`} from={from} to={to} how={how} d={bow(a.right, a.y, b.left, b.y)} at={at} />
      })}
      {pulled && start && (
        <path
          d={bow(start.right, start.y, pulled.to.x, pulled.to.y)}
          className="fill-none stroke-sodium"
          strokeWidth="2.5"
        />
      )}
    </svg>
  )
}
