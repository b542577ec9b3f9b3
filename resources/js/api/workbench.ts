import { QueryObserver, replaceEqualDeep } from '@tanstack/react-query'
import { useRef } from 'react'
import { tell } from '@/parts/toast'
import { box } from './box'
import { data, GET, Lost, POST, path, Refusal } from './client'
import {
  type ConflictOfEdits,
  Draft,
  isConflict,
  isConflictOfEdits,
  keyOf,
  type Saving,
  setAside,
  unread,
} from './draft'
import { keepMerge, lookAtMerge, type TwoEdits } from './merge'
import { queries } from './queryClient'
import { Store, useStore } from './store'
import type { Aircraft, MergeChoices, MergedEdits, Press, Problem, Program } from './types'

type State = {
  /** As the server knows it. */
  aircraft: Aircraft | null
  /** What the pilot sees: the saved program, or the draft on top of it. */
  document: Program | null
  saving: Saving
  /** Why the draft couldn’t be saved yet. */
  waits: string | null
  problem: Problem | null
  /** It was deleted elsewhere while there is a draft of it. */
  gone: boolean
  conflict: ConflictOfEdits | null
  /** What couldn't be done, apart from saving. */
  notice: string | null
  /** What was asked for and isn't in the document yet: proposals being worked out, undo on its way. */
  asked: number
}

const NOTHING: State = {
  aircraft: null,
  document: null,
  saving: 'saved',
  waits: null,
  problem: null,
  gone: false,
  conflict: null,
  notice: null,
  asked: 0,
}

/** Reads an aircraft. */
export const aircraftQuery = (id: number) => ({
  queryKey: keyOf(id),
  queryFn: ({ signal }: { signal: AbortSignal }) => data(GET('/api/aircraft/{id}', { ...path(id), signal })),
  gcTime: 0,
})

/**
 * The aircraft on the bench: what is saved, from the query library, with the draft on top of it. One at a time,
 * outside React.
 */
class Workbench extends Store<State> {
  private readonly drafts = new Map<number, Draft>()
  private stop: () => void = () => {}

  /** Puts an aircraft on the bench, with the edits of it that were left on this device. */
  open(id: number) {
    this.close()
    const draft = this.draftOf(id)
    let stop: (() => void) | null = null
    let here = true
    this.stop = () => {
      here = false
      stop?.()
    }
    void (draft.edit ? Promise.resolve() : this.adopt(draft)).then(() => {
      if (!here) return
      // Why it can’t be opened is told by the page; once it can, it’s put here.
      const take = (aircraft: Aircraft | undefined) => {
        if (!aircraft) return
        if (this.state.aircraft?.id === id) this.know(aircraft)
        else this.put(aircraft, draft)
      }
      const observer = new QueryObserver(queries, aircraftQuery(id))
      stop = observer.subscribe(({ data: aircraft }) => take(aircraft))
      take(observer.getCurrentResult().data)
    })
  }

  private put(aircraft: Aircraft, draft: Draft) {
    const document = draft.edit?.document ?? aircraft.document
    this.set({ ...NOTHING, aircraft, document, asked: this.state.asked })
    this.show(draft)
    void draft.flush()
  }

  /** Takes the aircraft off the bench. An edit that isn't saved is sent, and sent again until it is. */
  close() {
    void this.flush()
    this.stop()
    this.stop = () => {}
    if (this.state.aircraft) this.set({ ...NOTHING, asked: this.state.asked })
  }

  private draftOf(id: number): Draft {
    const known = this.drafts.get(id)
    if (known) return known
    const made: Draft = new Draft(
      id,
      (saved) => {
        if (saved) queries.setQueryData(keyOf(id), saved)
        if (this.state.aircraft?.id !== id) return
        if (saved) this.know(saved)
        this.show(made)
      },
      tell,
      () => queries.getQueryData<Aircraft>(keyOf(id))?.uuid,
    )
    this.drafts.set(id, made)
    return made
  }

  /** Takes up the newest edit that was left on this device; older ones, of other tabs, are kept aside on the server. */
  private async adopt(draft: Draft) {
    const left = (await box.left()).filter((one) => one.aircraft === draft.id)
    const newest = left.pop()
    for (const older of left) {
      try {
        await setAside(draft.id, older)
        await box.drop(draft.id, older.tab)
      } catch {
        // It stays on this device for another day.
      }
    }
    if (!newest || draft.edit) return
    const { base, document, note } = newest
    draft.take({ base, document, note })
    if (newest.tab !== box.tab) await box.drop(draft.id, newest.tab)
  }

  /** What the server says of the aircraft; what didn't change keeps its identity, and a draft stays on top. */
  private know(saved: Aircraft) {
    const before = this.state
    const edit = this.drafts.get(saved.id)?.edit
    // A draft that was just saved is what the server has now: nothing is drawn again for it.
    const document = edit?.document ?? (replaceEqualDeep(before.document, saved.document) as Program)
    const shared = replaceEqualDeep(before.aircraft, saved) as Aircraft
    const aircraft = edit || shared.document === document ? shared : { ...shared, document }
    if (aircraft !== before.aircraft || document !== before.document) this.set({ aircraft, document })
  }

  private show({ edit, saving, waits, problem, gone, conflict }: Draft) {
    const document = edit?.document ?? this.state.aircraft?.document ?? null
    this.set({ document, saving, waits, problem, gone, conflict })
  }

  private get draft(): Draft | null {
    const { aircraft } = this.state
    return aircraft ? this.draftOf(aircraft.id) : null
  }

  /** What the core can run: the draft, or where it was refused what is saved. */
  get shown(): Program | null {
    const { aircraft, document, saving } = this.state
    return saving === 'refused' ? (aircraft?.document ?? null) : document
  }

  edit(change: (document: Program) => Program, note: string) {
    const { aircraft, document, conflict } = this.state
    if (!aircraft || !document || conflict) return
    const base = this.draft?.edit?.base ?? aircraft.revision
    this.draft?.take({ base, document: change(document), note })
  }

  /** Saves what isn't saved. */
  flush(): Promise<void> {
    return this.draft?.flush() ?? Promise.resolve()
  }

  /** Throws the refused edit away. */
  takeBack() {
    this.draft?.drop()
  }

  /** Brings the aircraft back that was deleted elsewhere, and saves the draft of it. */
  async bringBack() {
    const { draft } = this
    const { aircraft } = this.state
    if (!draft || !aircraft) return
    try {
      const body = { base: aircraft.revision }
      await data(POST('/api/aircraft/{id}/restore', { ...path(aircraft.id), body }))
      await draft.again()
    } catch (error) {
      this.tell(error)
    }
  }

  /** The notice was read. */
  heed = () => this.set({ notice: null })

  /** While it lasts, what the pilot asked for isn't in the document yet: nothing is called saved before. */
  async during<T>(work: () => Promise<T>): Promise<T> {
    this.set({ asked: this.state.asked + 1 })
    try {
      return await work()
    } finally {
      this.set({ asked: this.state.asked - 1 })
    }
  }

  /** Asks the server for something that needs everything saved; what it refuses is told. */
  private act(request: (id: number, base: number) => Promise<Aircraft>) {
    return this.during(() => this.actNow(request))
  }

  private async actNow(request: (id: number, base: number) => Promise<Aircraft>) {
    await this.flush()
    const { aircraft, saving } = this.state
    if (!aircraft) return
    if (saving !== 'saved') {
      this.set({ notice: 'That waits until what you typed is saved. Try it again then.' })
      return
    }
    try {
      const changed = await unread(aircraft.id, () => request(aircraft.id, aircraft.revision))
      queries.setQueryData(keyOf(aircraft.id), changed)
    } catch (error) {
      if (isConflictOfEdits(error)) {
        await this.draftOf(aircraft.id).meet(error.problem, null)
        return
      }
      this.tell(error)
      // Another tab did more, or whether it was done can't be known from here: the server says.
      void queries.invalidateQueries({ queryKey: keyOf(aircraft.id) })
    }
  }

  private tell(error: unknown) {
    if (!(error instanceof Refusal || error instanceof Lost)) throw error
    this.set({ notice: error.message })
  }

  assign(fn: string, to: string | null, press: Press = 'held') {
    return this.act((id, base) =>
      data(POST('/api/aircraft/{id}/assign', { ...path(id), body: { base, function: fn, to, press } })),
    )
  }

  undo = () =>
    this.state.aircraft?.undo || this.draft?.edit
      ? this.act((id, base) => data(POST('/api/aircraft/{id}/undo', { ...path(id), body: { base } })))
      : Promise.resolve()

  redo = () =>
    this.state.aircraft?.redo
      ? this.act((id, base) => data(POST('/api/aircraft/{id}/redo', { ...path(id), body: { base } })))
      : Promise.resolve()

  /** Goes back, or on, to a revision. */
  take(number: number) {
    return this.act((id, base) => turn(id, number, base))
  }

  /**
   * After a conflict: go on with one of the two versions. The other stays in the history, with what was edited
   * since.
   */
  choose(which: 'current' | 'aside') {
    return this.goOn(which === 'aside', async (draft, { base, aside }) => {
      if (which === 'current' && draft.since) await setAside(draft.id, draft.since)
      return unread(draft.id, () => turn(draft.id, which === 'aside' ? aside : base, base))
    })
  }

  /** After a conflict: go on with both, part by part. What was edited since is brought together with that. */
  chooseBoth(choices: MergeChoices, seen: string[]) {
    return this.goOn(true, (draft, met) => unread(draft.id, () => keepMerge(draft.id, met, choices, seen)))
  }

  /** What both become, with what the pilot chose so far. */
  async lookAtBoth(choices: MergeChoices): Promise<MergedEdits> {
    const { draft } = this
    if (!draft?.met) throw new Lost('There is nothing to bring together any more.')
    try {
      return await lookAtMerge(draft.id, draft.met, choices)
    } catch (error) {
      if (isConflict(error)) draft.movedOn(error.problem.current)
      throw error
    }
  }

  /** Ends a conflict with what is chosen; what was edited since stays on top of it where that was asked for. */
  private async goOn(keepsSince: boolean, chosen: (draft: Draft, met: TwoEdits) => Promise<Aircraft>) {
    const { draft } = this
    if (!draft?.met) return
    const { since } = draft
    try {
      const saved = await chosen(draft, draft.met)
      draft.drop()
      queries.setQueryData(keyOf(draft.id), saved)
      if (keepsSince && since) draft.take(since)
    } catch (error) {
      if (isConflict(error)) draft.movedOn(error.problem.current)
      else this.tell(error)
    }
  }
}

const turn = (id: number, number: number, base: number) =>
  data(POST('/api/aircraft/{id}/revisions/{number}/take', { params: { path: { id, number } }, body: { base } }))

export const workbench = new Workbench(NOTHING)

/** Some of the state on the bench: whoever asks is drawn again only when one of these changes. */
export function useWorkbench<Key extends keyof State>(...keys: Key[]): Pick<State, Key> {
  const last = useRef<Pick<State, Key> | null>(null)
  return useStore(workbench, (state) => {
    const before = last.current
    if (before && keys.every((key) => before[key] === state[key])) return before
    last.current = Object.fromEntries(keys.map((key) => [key, state[key]])) as Pick<State, Key>
    return last.current
  })
}
