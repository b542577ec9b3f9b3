import { useEffect, useRef, useState } from 'react'
import { Newest } from './newest'
import type { Program } from './types'
import { useWorkbench } from './workbench'

type Question = { document: Program; also: string | undefined }

/** What the core says of the present draft: asked for after each edit, and again where `also` changes. */
export function useOfDraft<Answer>(ask: (document: Program) => Promise<Answer>, also?: string): Answer | null {
  const { document, saving } = useWorkbench('document', 'saving')
  const [answer, setAnswer] = useState<Answer | null>(null)
  const question = useRef(ask)
  question.current = ask
  const asking = useRef<Newest<Question, Answer> | null>(null)
  asking.current ??= new Newest((now: Question) => question.current(now.document), { took: setAnswer })
  const refused = saving === 'refused'
  useEffect(() => {
    // A refused draft is told in the header; here the last good answer stays.
    if (!refused && document) asking.current?.want({ document, also })
  }, [document, refused, also])
  useEffect(() => () => asking.current?.forget(), [])
  return answer
}
