import { data, POST } from './client'
import { useOfDraft } from './drafts'
import type { Line, Program } from './types'

type Lines = { lines: Line[]; curve: [number, number][] }

/** A function's line in every phase, and a curve's own, from the core, of the present draft. */
export function useLines(fn: string | undefined, curve: string | undefined): Lines {
  const ask = (document: Program) =>
    data(POST('/api/shape', { body: { document, ...(fn ? { function: fn } : {}), ...(curve ? { curve } : {}) } }))
  const answer = useOfDraft(ask, `${fn}:${curve}`)
  return { lines: answer?.lines ?? [], curve: (answer?.curve ?? []) as [number, number][] }
}
