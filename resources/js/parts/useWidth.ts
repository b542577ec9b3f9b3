import { type RefObject, useEffect, useState } from 'react'

/** How wide an element is inside, in pixels; kept up to date. */
export function useWidth(box: RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(() => Math.max(300, window.innerWidth - 150))
  useEffect(() => {
    const element = box.current
    if (!element) return
    const observer = new ResizeObserver(() => setWidth(element.clientWidth))
    observer.observe(element)
    return () => observer.disconnect()
  })
  return width
}
