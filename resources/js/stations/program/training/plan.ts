import type { Ladder, Program, Rung } from '@/api/types'
import { workbench } from '@/api/workbench'

/** Edits of the plan. What a step does to the program is the core's business: see propose.rung. */
export function changeLadder(change: (ladder: Ladder) => Ladder, note: string) {
  workbench.edit((document) => (document.ladder ? { ...document, ladder: change(document.ladder) } : document), note)
}

/** What is undefined goes: a document leaves it out. */
export const changeRung = (index: number, change: { [Key in keyof Rung]?: Rung[Key] | undefined }, note: string) =>
  changeLadder(
    (ladder) => ({
      ...ladder,
      rungs: ladder.rungs.map((rung, at) => (at === index ? ({ ...rung, ...change } as Rung) : rung)),
    }),
    note,
  )

export function removeRung(index: number) {
  changeLadder((ladder) => {
    const { at, ...plan } = ladder
    const rungs = ladder.rungs.filter((_, place) => place !== index)
    const still = at === undefined || at === index ? undefined : at > index ? at - 1 : at
    return { ...plan, rungs, ...(still === undefined ? {} : { at: still }) }
  }, 'Removed a training step')
}

/** A step more at the end, like the last one. */
export const addRung = () =>
  changeLadder((ladder) => {
    const { date: _date, ...last } = ladder.rungs.at(-1) ?? { name: '', expo: 0, rate: 1 }
    return { ...ladder, rungs: [...ladder.rungs, { ...last, name: `Step ${ladder.rungs.length + 1}` }] }
  }, 'Added a training step')

export const plan = (document: Program, rungs: Rung[]) =>
  workbench.edit(
    (now) => ({ ...now, ladder: { phase: document.phases?.[0]?.id ?? 'main', rungs } }),
    'Planned the training',
  )

export function removeLadder() {
  workbench.edit((document) => {
    const { ladder: _gone, ...rest } = document
    return rest
  }, 'Removed the training plan')
}
