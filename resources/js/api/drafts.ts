import { useEffect, useRef, useState } from 'react'
import type { Program } from './types'
import { useWorkbench } from './workbench'

/**
 * What the core says of the present draft: asked for after each edit, one request in flight, the newest wins. It's asked
 * anew where `also` changes.
 */
export function useOfDraft<Answer>(ask: (document: Program) => Promise<Answer>, also?: string): Answer | null {
  const { document, saving } = useWorkbench()
  const [answer, setAnswer] = useState<Answer | null>(null)
  const wanted = useRef<{ document: Program; also: string | undefined } | null>(null)
  const inFlight = useRef(false)
  const question = useRef(ask)
  question.current = ask
  const refused = saving === 'refused'
  useEffect(() => {
    // A refused draft is told in the header; here the last good answer stays.
    if (refused || !document) return
    wanted.current = { document, also }
    const run = async () => {
      const now = wanted.current
      if (!now || inFlight.current) return
      inFlight.current = true
      try {
        setAnswer(await question.current(now.document))
      } catch {
        // The last good answer stays.
      }
      inFlight.current = false
      if (wanted.current !== now) void run()
    }
    void run()
  }, [document, refused, also])
  return answer
}
