import { type RefObject, useState } from 'react'
import { drag } from '@/parts/drag'

type Point = { x: number; y: number }
export type Pulled = { from: string; to: Point } | null

/** Pulling a thread from a control: it follows the pointer, and is tied to the function that it's let go over. */
export function usePull(box: RefObject<HTMLElement | null>, tie: (fn: string, to: string) => void) {
  const [line, setLine] = useState<Pulled>(null)
  const [over, setOver] = useState<string | null>(null)

  const start = (from: string, event: React.PointerEvent) => {
    event.preventDefault()
    const functionUnder = (at: PointerEvent) =>
      document.elementFromPoint(at.clientX, at.clientY)?.closest<HTMLElement>('[data-end^="function:"]')?.dataset.end
    const move = (at: PointerEvent) => {
      const frame = box.current?.getBoundingClientRect()
      if (frame) setLine({ from, to: { x: at.clientX - frame.left, y: at.clientY - frame.top } })
      setOver(functionUnder(at)?.slice('function:'.length) ?? null)
    }
    drag(event, move, (at, letGo) => {
      setLine(null)
      setOver(null)
      const target = functionUnder(at)
      if (target && letGo) tie(target.slice('function:'.length), from)
    })
  }

  return { line, over, start }
}
