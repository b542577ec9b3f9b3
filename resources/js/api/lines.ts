import { useEffect, useRef, useState } from 'react'
import { data, POST } from './client'
import type { Line, Program } from './types'
import { useWorkbench } from './workbench'

type Lines = { lines: Line[]; curve: [number, number][] }

/** A function's line in every phase, and a curve's own, from the core, of the present draft: one request in flight, the newest wins. */
export function useLines(fn: string | undefined, curve: string | undefined): Lines {
  const { saving, document } = useWorkbench()
  const [lines, setLines] = useState<Lines>({ lines: [], curve: [] })
  const wanted = useRef<{ document: Program; fn: string | undefined; curve: string | undefined } | null>(null)
  const inFlight = useRef(false)
  const refused = saving === 'refused'
  useEffect(() => {
    // A refused draft is told in the header; here the last good lines stay.
    if (refused || !document) return
    wanted.current = { document, fn, curve }
    const ask = async () => {
      const now = wanted.current
      if (!now || inFlight.current) return
      inFlight.current = true
      try {
        const answer = await data(
          POST('/api/shape', {
            body: {
              document: now.document,
              ...(now.fn ? { function: now.fn } : {}),
              ...(now.curve ? { curve: now.curve } : {}),
            },
          }),
        )
        setLines({ lines: answer.lines ?? [], curve: (answer.curve ?? []) as [number, number][] })
      } catch {
        // The last good lines stay.
      }
      inFlight.current = false
      if (wanted.current !== now) void ask()
    }
    void ask()
  }, [document, refused, fn, curve])
  return lines
}
