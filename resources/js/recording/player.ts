import { useSyncExternalStore } from 'react'

type State = { time: number; playing: boolean; rate: number }

/**
 * The clock of a rehearsal: it runs, is dragged, and tells who watches. Outside React, so that scrubbing stays
 * smooth.
 */
class Player {
  state: State = { time: 0, playing: false, rate: 1 }
  private end = 0
  private last = 0
  private readonly watchers = new Set<(state: State, before: number) => void>()

  watch = (watcher: (state: State, before: number) => void) => {
    this.watchers.add(watcher)
    return () => {
      this.watchers.delete(watcher)
    }
  }

  private set(change: Partial<State>) {
    const before = this.state.time
    this.state = { ...this.state, ...change }
    for (const watcher of this.watchers) watcher(this.state, before)
  }

  /** A new flight of so many seconds. */
  load(seconds: number) {
    this.end = seconds
    this.set({ time: Math.min(this.state.time, seconds), playing: false })
  }

  seek(time: number) {
    this.set({ time: Math.max(0, Math.min(this.end, time)) })
  }

  rate(rate: number) {
    this.set({ rate })
  }

  toggle() {
    if (this.state.playing) {
      this.set({ playing: false })
      return
    }
    this.set({ playing: true, time: this.state.time >= this.end ? 0 : this.state.time })
    this.last = performance.now()
    requestAnimationFrame(this.frame)
  }

  stop() {
    if (this.state.playing) this.set({ playing: false })
  }

  private frame = (now: number) => {
    if (!this.state.playing) return
    const time = this.state.time + ((now - this.last) / 1000) * this.state.rate
    this.last = now
    this.set({ time: Math.min(time, this.end), playing: time < this.end })
    if (time < this.end) requestAnimationFrame(this.frame)
  }
}

export const player = new Player()

/** The time to a tenth of a second: for what needn't follow every frame. */
export function useTime(): number {
  return useSyncExternalStore(
    (told) => player.watch(told),
    () => Math.floor(player.state.time * 10) / 10,
  )
}

export function usePlaying(): { playing: boolean; rate: number } {
  const playing = useSyncExternalStore(
    (told) => player.watch(told),
    () => player.state.playing,
  )
  const rate = useSyncExternalStore(
    (told) => player.watch(told),
    () => player.state.rate,
  )
  return { playing, rate }
}
