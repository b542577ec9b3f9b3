import { data, Lost, POST, PUT, Refusal } from './client'
import { Store, useStore } from './store'
import type { Aircraft, Conflict, Problem, Program } from './types'

type Saving = 'saved' | 'unsaved' | 'saving' | 'refused' | 'lost'

type State = {
  aircraft: Aircraft | null
  /** What the pilot sees: the saved program with the edits that are not saved yet. */
  document: Program | null
  saving: Saving
  problem: Problem | null
  conflict: Conflict | null
}

const QUIET_MS = 450
const RETRY_MS = 1500

/** The aircraft on the bench: its program, edits, autosave, undo, conflicts. One at a time, outside React. */
class Workbench extends Store<State> {
  private timer: number | undefined
  private note = 'Edited'
  private underway: Promise<Aircraft | null> = Promise.resolve(null)

  /** Puts an aircraft, as the server told it, on the bench. An edit of the one before is saved first. */
  put(aircraft: Aircraft) {
    if (this.state.aircraft?.id !== aircraft.id) void this.flush()
    window.clearTimeout(this.timer)
    this.set({ aircraft, document: aircraft.document, saving: 'saved', problem: null, conflict: null })
  }

  /** Takes the aircraft off the bench, its edits saved. */
  clear() {
    void this.flush()
    this.set({ aircraft: null, document: null, saving: 'saved', problem: null, conflict: null })
  }

  /** What the core can run: the draft, or where it was refused what is saved. */
  get shown(): Program | null {
    const { aircraft, document, saving } = this.state
    return saving === 'refused' ? (aircraft?.document ?? null) : document
  }

  edit(change: (document: Program) => Program, note: string) {
    if (!this.state.document) return
    this.note = note
    this.set({ document: change(this.state.document), saving: 'unsaved', problem: null })
    window.clearTimeout(this.timer)
    this.timer = window.setTimeout(() => void this.flush(), QUIET_MS)
  }

  /**
   * Saves what is not saved. What is to be saved is taken down at once: the pilot may turn to another aircraft
   * while it is on its way.
   */
  flush(): Promise<unknown> {
    window.clearTimeout(this.timer)
    const { aircraft, document, conflict } = this.state
    const before = this.underway
    if (!aircraft || !document || document === aircraft.document || conflict) return before
    this.set({ saving: 'saving' })
    const note = this.note
    this.underway = before.then((saved) => {
      const base = saved?.id === aircraft.id ? Math.max(saved.revision, aircraft.revision) : aircraft.revision
      return this.settle(
        aircraft.id,
        data(
          PUT('/api/aircraft/{id}/program', {
            params: { path: { id: aircraft.id } },
            body: { base, document, note },
            keepalive: true,
          }),
        ),
        document,
      )
    })
    return this.underway
  }

  /** Takes an answer over, where its aircraft is still on the bench. */
  private async settle(id: number, request: Promise<Aircraft>, sent?: Program): Promise<Aircraft | null> {
    try {
      const aircraft = await request
      if (this.state.aircraft?.id === id) {
        // Edits made while the request was under way stay on top.
        const newer = sent && this.state.document !== sent ? this.state.document : null
        this.set({
          aircraft,
          document: newer ?? aircraft.document,
          saving: newer ? 'unsaved' : 'saved',
          problem: null,
        })
      }
      return aircraft
    } catch (error) {
      if (this.state.aircraft?.id === id) this.fail(error)
      return null
    }
  }

  private fail(error: unknown) {
    if (error instanceof Lost) {
      this.set({ saving: 'lost' })
      this.timer = window.setTimeout(() => void this.flush(), RETRY_MS)
    } else if (error instanceof Refusal && 'aside' in error.problem) {
      this.set({ saving: 'refused', conflict: error.problem })
    } else if (error instanceof Refusal) {
      this.set({ saving: 'refused', problem: error.problem as Problem })
    } else {
      throw error
    }
  }

  /** Throws the refused edit away. */
  takeBack() {
    this.set({ document: this.state.aircraft?.document ?? null, saving: 'saved', problem: null })
  }

  private async act(request: (id: number, base: number) => Promise<Aircraft>) {
    await this.flush()
    const { aircraft } = this.state
    if (aircraft && this.state.saving === 'saved') {
      this.underway = this.settle(aircraft.id, request(aircraft.id, aircraft.revision))
      await this.underway
    }
  }

  assign(fn: string, to: string | null) {
    return this.act((id, base) =>
      data(POST('/api/aircraft/{id}/assign', { params: { path: { id } }, body: { base, function: fn, to } })),
    )
  }

  undo = () =>
    this.state.aircraft?.undo || this.state.document !== this.state.aircraft?.document
      ? this.act((id, base) => data(POST('/api/aircraft/{id}/undo', { params: { path: { id } }, body: { base } })))
      : Promise.resolve()

  redo = () =>
    this.state.aircraft?.redo
      ? this.act((id, base) => data(POST('/api/aircraft/{id}/redo', { params: { path: { id } }, body: { base } })))
      : Promise.resolve()

  /** Goes back, or on, to a revision. */
  take(number: number) {
    return this.act((id, base) =>
      data(POST('/api/aircraft/{id}/revisions/{number}/take', { params: { path: { id, number } }, body: { base } })),
    )
  }

  /** After a conflict: go on with one of the two versions. The other stays in the history. */
  async choose(which: 'current' | 'aside') {
    const { aircraft, conflict } = this.state
    if (!aircraft || !conflict) return
    const path = { id: aircraft.id, number: conflict[which].revision }
    const body = { base: conflict.current.revision }
    this.set({ conflict: null, problem: null })
    await this.settle(aircraft.id, data(POST('/api/aircraft/{id}/revisions/{number}/take', { params: { path }, body })))
  }
}

export const workbench = new Workbench({
  aircraft: null,
  document: null,
  saving: 'saved',
  problem: null,
  conflict: null,
})

export function useWorkbench(): State {
  return useStore(workbench)
}
