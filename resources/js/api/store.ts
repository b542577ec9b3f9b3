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

/** A part of a store's state: whoever asks is drawn again only when that part is another. */
export function useStore<State extends object, Part>(store: Store<State>, select: (state: State) => Part): Part {
  return useSyncExternalStore(store.watch, () => select(store.state))
}
