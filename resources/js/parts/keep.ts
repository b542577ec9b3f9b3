/**
 * Small choices that this browser keeps: theme, dock, ticks. Where it may keep nothing (a private window, a full
 * disk, a setting) they last as long as the page, and whoever wants to know is told.
 */
const here = new Map<string, string>()
let denied = false
const told = new Set<() => void>()

const deny = () => {
  if (denied) return
  denied = true
  for (const one of told) one()
}

const tried = <T>(what: (store: Storage) => T): T | null => {
  try {
    return what(localStorage)
  } catch {
    deny()
    return null
  }
}

export const keep = {
  get: (key: string): string | null => here.get(key) ?? tried((store) => store.getItem(key)),
  set(key: string, value: string) {
    const kept = tried((store) => {
      store.setItem(key, value)
      return true
    })
    if (kept) here.delete(key)
    else here.set(key, value)
  },
  remove(key: string) {
    here.delete(key)
    tried((store) => store.removeItem(key))
  },
  keys: (): string[] => [...new Set([...here.keys(), ...(tried((store) => Object.keys(store)) ?? [])])],
  /** A value that was kept as JSON; null where there is none, or somebody else wrote there. */
  read<T>(key: string): T | null {
    try {
      return JSON.parse(this.get(key) ?? 'null') as T | null
    } catch {
      return null
    }
  },
  /** Calls when the browser turns out to keep nothing; at once where that is known. */
  whenDenied(call: () => void) {
    told.add(call)
    if (denied) call()
  },
}
