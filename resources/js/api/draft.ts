import { box } from './box'
import { data, Lost, PUT, path, Refusal } from './client'
import { keepMerge, lookAtMerge, type TwoEdits } from './merge'
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

export const keyOf = (id: number) => ['aircraft', id]

export const isConflict = (error: unknown): error is Refusal & { problem: Conflict } =>
  error instanceof Refusal && 'current' in error.problem

/** Another version was saved meanwhile, and the edit was kept beside it. */
export const isConflictOfEdits = (error: unknown): error is Refusal & { problem: ConflictOfEdits } =>
  isConflict(error) && error.problem.aside !== null

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
  /** What met it, and is kept aside. */
  private aside: Program | null = null
  private saver: Promise<void> | null = null
  private timer: number | undefined

  /**
   * @param changed what to do when any of this has changed, with what the server answered
   * @param joined what to do when it was saved together with what was changed elsewhere
   */
  constructor(
    readonly id: number,
    private readonly changed: (saved: Aircraft | null) => void,
    private readonly joined: (says: string) => void,
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
        if (isConflictOfEdits(error)) await this.meet(error.problem, sent)
        else this.fail(error)
        if (this.saving === 'refused' || this.saving === 'lost') return
      }
    }
  }

  /**
   * Another version was saved meanwhile. Where each changed something else, and both together have nothing to look at,
   * both are kept; else the pilot chooses.
   *
   * @param sent the edit that met it; null for something else that was asked for
   */
  async meet(conflict: ConflictOfEdits, sent: Edit | null) {
    const saved = await this.join(conflict)
    this.aside = sent?.document ?? null
    const { since } = this
    // What was edited since that save goes on from what is kept aside; what has nothing to do with it stays as it is.
    this.edit = since && sent ? { ...since, base: conflict.aside.revision } : this.edit
    if (saved) {
      this.go(since ? this.edit : null, saved)
      return
    }
    if (since) this.keep()
    this.now('refused', null)
  }

  /** Both together as they were saved; null where the pilot has to look: then the conflict is noted. */
  private async join(conflict: ConflictOfEdits): Promise<Aircraft | null> {
    const at = { base: conflict.current.revision, aside: conflict.aside.revision }
    try {
      const both = await lookAtMerge(this.id, at, {})
      if (both.clean) {
        const saved = await unread(this.id, () => keepMerge(this.id, at, {}, []))
        this.joined(both.says)
        return saved
      }
    } catch (error) {
      if (isConflict(error)) return this.join({ ...conflict, current: error.problem.current })
      if (!(error instanceof Refusal || error instanceof Lost)) throw error
    }
    this.conflict = conflict
    return null
  }

  /** What was edited while the save was under way stays on top of it. */
  private settle(sent: Edit, saved: Aircraft) {
    const newer = this.edit && this.edit.document !== sent.document
    this.go(newer && this.edit ? { ...this.edit, base: saved.revision } : null, saved)
  }

  /** On with what isn't saved yet, on top of what is. */
  private go(edit: Edit | null, saved: Aircraft) {
    this.edit = edit
    if (edit) this.keep()
    else void box.drop(this.id)
    this.saving = edit ? 'unsaved' : 'saved'
    this.waits = null
    this.problem = null
    this.changed(saved)
  }

  private fail(error: unknown) {
    if (error instanceof Lost) {
      this.waits = error.message
      this.now('lost', null)
      this.soon(RETRY_MS)
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

  /** What was edited beside, or after, what met the conflict. */
  get since(): Edit | null {
    return this.edit && this.edit.document !== this.aside ? this.edit : null
  }

  /** What met in a conflict, by revisions. */
  get met(): TwoEdits | null {
    return this.conflict && { base: this.conflict.current.revision, aside: this.conflict.aside.revision }
  }

  /** The aircraft was changed once more while the pilot chose. */
  movedOn(current: Conflict['current']) {
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
