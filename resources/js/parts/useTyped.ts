import { useEffect, useRef, useState } from 'react'

/**
 * What is typed into a field. It stays the pilot's until it is committed: an answer that comes while one types doesn't
 * replace it, and a field that goes away with its page commits it first.
 *
 * @param shown what the field shows while nobody types
 * @param commit puts what was typed into the draft
 */
export function useTyped(shown: string, commit: (typed: string) => void) {
  const [text, setText] = useState(shown)
  const typing = useRef<string | null>(null)
  const last = useRef(commit)
  last.current = commit
  useEffect(() => {
    if (typing.current === null) setText(shown)
  }, [shown])
  useEffect(
    () => () => {
      if (typing.current !== null) last.current(typing.current)
    },
    [],
  )
  return {
    text,
    type: (typed: string) => {
      typing.current = typed
      setText(typed)
    },
    /** Takes over what was typed; nothing where nobody did. */
    take: () => {
      const typed = typing.current
      typing.current = null
      if (typed !== null) last.current(typed)
    },
    /** Shows a value in place of what was typed. */
    show: (value: string) => {
      typing.current = null
      setText(value)
    },
  }
}
