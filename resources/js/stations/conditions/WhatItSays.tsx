import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { Condition, Program } from '@/api/types'
import { isWhole } from './kinds'

type Said = { says: string | null; momentary: boolean; problem: string | null }

/** What the core makes of a condition: its words, or why it can't stand. */
export function useSaid(document: Program, condition: Condition): Said {
  const whole = isWhole(condition)
  const { data: read, error } = useQuery({
    queryKey: ['condition', document, condition],
    queryFn: () => data(POST('/api/condition', { body: { document, condition } })),
    enabled: whole,
    retry: false,
    placeholderData: keepPreviousData,
  })
  return {
    says: whole ? (read?.says ?? null) : null,
    momentary: whole && read?.momentary === true,
    problem: whole && error ? said(error) : null,
  }
}

export function WhatItSays({ said: { says, momentary, problem } }: { said: Said }) {
  return (
    <p role="status" className="min-h-6 text-sm">
      {problem !== null ? (
        <>
          <span className="text-rose">▲</span> {problem}
        </>
      ) : (
        <span className="text-muted">{says === null ? 'Choose what it hangs on.' : `Holds: ${says}.`}</span>
      )}
      {momentary && problem === null && (
        <span className="block text-sodium">
          ▲ It holds for a moment only. Take “Each time changes over” to switch with it, or “From one thing until
          another”.
        </span>
      )}
    </p>
  )
}
