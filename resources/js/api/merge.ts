import { data, POST, path } from './client'
import type { Aircraft, MergeChoices, MergedEdits } from './types'

/** The revision that the aircraft is at, and the one with the edit that was kept aside. */
export type TwoEdits = { base: number; aside: number }

/** What both become together, with what the pilot chose so far. */
export const lookAtMerge = (id: number, edits: TwoEdits, choices: MergeChoices): Promise<MergedEdits> =>
  data(POST('/api/aircraft/{id}/merge', { ...path(id), body: { ...edits, choices } }))

/** Keeps both together; `seen` are the findings that the pilot was shown. */
export const keepMerge = (id: number, edits: TwoEdits, choices: MergeChoices, seen: string[]): Promise<Aircraft> =>
  data(POST('/api/aircraft/{id}/merge/keep', { ...path(id), body: { ...edits, choices, seen } }))
