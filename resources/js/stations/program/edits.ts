import { edit, propose } from '@/api/proposals'
import type { Feed, Output, PilotFunction, Program } from '@/api/types'
import { workbench } from '@/api/workbench'
import { tell } from '@/parts/toast'

/** Edits of the document, each with the note that its revision carries. Meaning is judged by the core when it saves. */

const swap = <T>(list: readonly T[] | undefined, index: number, item: T): T[] =>
  (list ?? []).map((one, at) => (at === index ? item : one))

const without = <T>(list: readonly T[] | undefined, index: number): T[] => (list ?? []).filter((_, at) => at !== index)

export function changeFunction(id: string, change: Partial<PilotFunction>, note: string) {
  workbench.edit(
    (document) => ({
      ...document,
      functions: (document.functions ?? []).map((fn) => (fn.id === id ? ({ ...fn, ...change } as PilotFunction) : fn)),
    }),
    note,
  )
}

export function changeOutput(channel: number, change: Partial<Output>, note: string) {
  workbench.edit(
    (document) => ({
      ...document,
      outputs: (document.outputs ?? []).map((one) => (one.channel === channel ? { ...one, ...change } : one)),
    }),
    note,
  )
}

export const changeFeed = (output: Output, index: number, feed: Feed) =>
  changeOutput(output.channel, { feeds: swap(output.feeds, index, feed) }, `Feed of ${output.name}`)

export const addFeed = (output: Output, from: Feed['from']) =>
  changeOutput(output.channel, { feeds: [...(output.feeds ?? []), { from, weight: 1 }] }, `Fed ${output.name}`)

export const removeFeed = (output: Output, index: number) =>
  changeOutput(output.channel, { feeds: without(output.feeds, index) }, `Removed a feed from ${output.name}`)

const freeId = (document: Program, stem: string): string => {
  const taken = new Set((document.functions ?? []).map((fn) => fn.id))
  let id = stem
  for (let number = 2; taken.has(id); number++) id = `${stem}-${number}`
  return id
}

/** Adds a function; gives its id. */
export function addFunction(document: Program, stepped: boolean): string {
  const id = freeId(document, stepped ? 'switched' : 'proportional')
  const fn: PilotFunction = stepped
    ? {
        id,
        name: 'New switched function',
        steps: [
          { id: 'off', value: -1 },
          { id: 'on', value: 1 },
        ],
      }
    : { id, name: 'New proportional function' }
  workbench.edit((now) => ({ ...now, functions: [...(now.functions ?? []), fn] }), `Added ${fn.name.toLowerCase()}`)
  return id
}

export function removeFunction(fn: PilotFunction) {
  workbench.edit(
    (document) => ({
      ...document,
      functions: (document.functions ?? []).filter((one) => one.id !== fn.id),
      outputs: (document.outputs ?? []).map((one) => ({
        ...one,
        feeds: (one.feeds ?? []).filter((feed) => feed.from !== fn.id),
      })),
    }),
    `Removed ${fn.name}`,
  )
}

/** Adds a channel; gives its number, or null where it was refused, which is told. */
export async function addOutput(): Promise<number | null> {
  const before = new Set((workbench.state.document?.outputs ?? []).map((one) => one.channel))
  const answer = await edit(propose.channel, 'Added a channel')
  if ('problem' in answer) {
    tell(answer.problem, { kind: 'problem' })
    return null
  }
  const { outputs } = answer.proposal.document as Program
  return (outputs ?? []).find((one) => !before.has(one.channel))?.channel ?? null
}

export function removeOutput(output: Output) {
  workbench.edit(
    (document) => ({ ...document, outputs: (document.outputs ?? []).filter((one) => one.channel !== output.channel) }),
    `Removed channel ${output.channel}, ${output.name}`,
  )
}
