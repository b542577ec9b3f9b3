import { connection, generation } from './connection'
import type { Program } from './types'

/** An edit that isn't saved yet, as it lies on this device. */
export type KeptDraft = {
  aircraft: number
  /** The tab that made it. */
  tab: string
  /** The revision that it was made on. */
  base: number
  document: Program
  note: string
  /** When, in ms. */
  at: number
  /** The hangar that it was made in: another one since a backup took its place. */
  generation?: string
}

const isOfNow = (one: KeptDraft) => (one.generation ?? '0') === generation

const STORE = 'drafts'
// Another hangar's drafts stay beside this one's.
const TAB = `dusk.tab.${generation}`

/**
 * The name of this tab: it stays over a reload. A tab that was duplicated has the name of the other, so it gets
 * a new one.
 */
function tabName(renew: boolean): string {
  const made = crypto.randomUUID()
  try {
    const known = renew ? null : sessionStorage.getItem(TAB)
    if (!known) sessionStorage.setItem(TAB, made)
    return known ?? made
  } catch {
    return made
  }
}

const done = <T>(request: IDBRequest<T>) =>
  new Promise<T>((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error)
  })

/**
 * Where edits lie on this device until they are saved. Without a place to keep things it does nothing: edits
 * then live in the page alone.
 */
class DraftBox {
  tab = tabName(false)
  private database: Promise<IDBDatabase> | null = null
  /** One change after another: what was kept last stays. */
  private last: Promise<unknown> = Promise.resolve()

  constructor() {
    this.hold()
    this.open().catch(() => connection.denied())
  }

  /** Holds a lock of this tab's name as long as this page lives: other tabs see by it whose drafts were left behind. */
  private hold() {
    void navigator.locks?.request(`dusk.tab.${this.tab}`, { ifAvailable: true }, async (lock) => {
      if (lock) await new Promise(() => {})
      this.tab = tabName(true)
      this.hold()
    })
  }

  private open(): Promise<IDBDatabase> {
    this.database ??= new Promise((resolve, reject) => {
      const request = indexedDB.open('dusk', 1)
      request.onupgradeneeded = () => request.result.createObjectStore(STORE, { keyPath: ['aircraft', 'tab'] })
      request.onsuccess = () => resolve(request.result)
      request.onerror = () => reject(request.error)
    })
    return this.database
  }

  private async store(mode: IDBTransactionMode): Promise<IDBObjectStore> {
    return (await this.open()).transaction(STORE, mode).objectStore(STORE)
  }

  private change(what: (store: IDBObjectStore) => IDBRequest): Promise<void> {
    const made = this.last.then(async () => {
      try {
        await done(what(await this.store('readwrite')))
      } catch {
        // No place on this device: the edit lives in the page alone.
        connection.denied()
      }
    })
    this.last = made
    return made
  }

  keep(draft: Omit<KeptDraft, 'tab' | 'at' | 'generation'>): Promise<void> {
    return this.change((store) => store.put({ ...draft, tab: this.tab, at: Date.now(), generation }))
  }

  drop(aircraft: number, tab = this.tab): Promise<void> {
    return this.change((store) => store.delete([aircraft, tab]))
  }

  private async all(): Promise<KeptDraft[]> {
    try {
      await this.last
      const all: KeptDraft[] = await done((await this.store('readonly')).getAll())
      return all.sort((one, other) => one.at - other.at)
    } catch {
      return []
    }
  }

  /** Drafts of before a restore: their aircraft may be another by now. */
  async former(): Promise<KeptDraft[]> {
    return (await this.all()).filter((one) => !isOfNow(one))
  }

  /** Drafts of this tab before it was reloaded, and of tabs that are closed by now, the oldest first. */
  async left(): Promise<KeptDraft[]> {
    const all = (await this.all()).filter(isOfNow)
    if (all.length === 0) return []
    const held = (await navigator.locks?.query())?.held ?? []
    const alive = new Set(held.map((lock) => lock.name?.replace('dusk.tab.', '')))
    return all.filter((draft) => draft.tab === this.tab || !alive.has(draft.tab))
  }
}

export const box = new DraftBox()
