import { useSyncExternalStore } from 'react'

/** A state outside React that tells whoever watches when it changes; each change makes a new object. */
export abstract class Store<State extends object> {
  private readonly watchers = new Set<() => void>()

  constructor(public state: State) {}

  watch = (watcher: () => void) => {
    this.watchers.add(watcher)
    return () => {
      this.watchers.delete(watcher)
    }
  }

  protected set(change: Partial<State>) {
    this.state = { ...this.state, ...change }
    for (const watcher of this.watchers) watcher()
  }
}

export function useStore<State extends object>(store: Store<State>): State {
  return useSyncExternalStore(store.watch, () => store.state)
}
