import { box } from './box'
import { data, Lost, PUT, Refusal } from './client'
import { queries } from './queryClient'
import type { Aircraft, Conflict, Problem, Program } from './types'

/** An edit on top of a revision. */
export type Edit = { base: number; document: Program; note: string }

export type ConflictOfEdits = Conflict & { aside: NonNullable<Conflict['aside']> }

export type Saving = 'saved' | 'unsaved' | 'saving' | 'refused' | 'lost'

const NOT_FOUND = 404
const QUIET_MS = 450
const RETRY_MS = 1500
/** More than this a browser doesn't send on after its page is gone. */
const KEEPALIVE_BYTES = 60_000

export const path = (id: number) => ({ params: { path: { id } } })
export const keyOf = (id: number) => ['aircraft', id]

export const isConflict = (error: unknown): error is Refusal & { problem: Conflict } =>
  error instanceof Refusal && 'current' in error.problem

const isOfEdits = (conflict: Conflict): conflict is ConflictOfEdits => conflict.aside !== null

/** Saves an edit: the aircraft with it. */
export const save = (id: number, { base, document, note }: Edit, uuid?: string) =>
  data(
    PUT('/api/aircraft/{id}/program', {
      ...path(id),
      body: { base, document, note, ...(uuid ? { uuid } : {}) },
      keepalive: JSON.stringify(document).length < KEEPALIVE_BYTES,
    }),
  )

/** Changes an aircraft. A read that was on its way before, or began meanwhile, knows nothing of it: it's let go. */
export async function unread(id: number, change: () => Promise<Aircraft>): Promise<Aircraft> {
  await queries.cancelQueries({ queryKey: keyOf(id) })
  const changed = await change()
  await queries.cancelQueries({ queryKey: keyOf(id) })
  return changed
}

/** Keeps an edit in the history beside the others. */
export async function setAside(id: number, edit: Edit) {
  try {
    await save(id, edit)
  } catch (error) {
    if (!isConflict(error)) throw error
  }
}

/**
 * What isn't saved yet of one aircraft. It lies on this device until the server has it; nothing but that, or the pilot,
 * takes it away. It goes on saving while the pilot looks at another aircraft.
 */
export class Draft {
  edit: Edit | null = null
  saving: Saving = 'saved'
  /** Why it couldn't be saved yet; it's tried again by itself. */
  waits: string | null = null
  /** Why it was refused. */
  problem: Problem | null = null
  /** The aircraft was deleted elsewhere meanwhile. */
  gone = false
  /** Another version was saved meanwhile: the pilot chooses. */
  conflict: ConflictOfEdits | null = null
  private saver: Promise<void> | null = null
  private timer: number | undefined

  /** @param changed what to do when any of this has changed, with what the server answered */
  constructor(
    readonly id: number,
    private readonly changed: (saved: Aircraft | null) => void,
    /** What the aircraft is called on every machine, once that is known. */
    private readonly uuid: () => string | undefined = () => undefined,
  ) {}

  /** Takes an edit in; it's saved when the pilot pauses. */
  take(edit: Edit) {
    this.edit = edit
    this.keep()
    this.now('unsaved', null)
    this.soon(QUIET_MS)
  }

  drop() {
    this.edit = null
    this.conflict = null
    void box.drop(this.id)
    this.now('saved', null)
  }

  /** Saves it now: one save after the other, until nothing is left or one fails. */
  flush(): Promise<void> {
    window.clearTimeout(this.timer)
    if (this.edit && !this.saver && !this.conflict && !this.problem) {
      this.saver = this.run().finally(() => {
        this.saver = null
      })
    }
    return this.saver ?? Promise.resolve()
  }

  private async run() {
    for (let sent = this.edit; sent; sent = this.edit) {
      this.now('saving', null)
      try {
        this.settle(sent, await unread(this.id, () => save(this.id, sent, this.uuid())))
      } catch (error) {
        this.fail(error, sent)
        return
      }
    }
  }

  /** What was edited while the save was under way stays on top of it. */
  private settle(sent: Edit, saved: Aircraft) {
    const newer = this.edit && this.edit.document !== sent.document
    this.edit = newer && this.edit ? { ...this.edit, base: saved.revision } : null
    if (this.edit) this.keep()
    else void box.drop(this.id)
    this.saving = this.edit ? 'unsaved' : 'saved'
    this.waits = null
    this.problem = null
    this.changed(saved)
  }

  private fail(error: unknown, sent: Edit) {
    if (error instanceof Lost) {
      this.waits = error.message
      this.now('lost', null)
      this.soon(RETRY_MS)
    } else if (isConflict(error) && isOfEdits(error.problem)) {
      this.conflict = error.problem
      // What was edited since goes on from what is kept aside.
      if (this.edit && this.edit.document !== sent.document) {
        this.edit = { ...this.edit, base: error.problem.aside.revision }
        this.keep()
      }
      this.now('refused', null)
    } else if (error instanceof Refusal) {
      this.gone = error.status === NOT_FOUND
      this.now('refused', error.problem as Problem)
    } else {
      throw error
    }
  }

  /** What it was refused for is no more: it's sent again. */
  again(): Promise<void> {
    this.now('unsaved', null)
    return this.flush()
  }

  /** What was edited after the save that met the conflict. */
  get since(): Edit | null {
    return this.edit && this.edit.base === this.conflict?.aside.revision ? this.edit : null
  }

  /** The aircraft was changed once more while the pilot chose. */
  meet(current: Conflict['current']) {
    if (this.conflict) this.conflict = { ...this.conflict, current }
    this.changed(null)
  }

  private keep() {
    if (this.edit) void box.keep({ aircraft: this.id, ...this.edit })
  }

  private now(saving: Saving, problem: Problem | null) {
    this.saving = saving
    this.problem = problem
    if (saving === 'saved' || saving === 'refused') this.waits = null
    if (problem === null) this.gone = false
    this.changed(null)
  }

  private soon(ms: number) {
    window.clearTimeout(this.timer)
    this.timer = window.setTimeout(() => void this.flush(), ms)
  }
}
