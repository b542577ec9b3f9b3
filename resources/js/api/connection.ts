import { keep } from '@/parts/keep'
import { Store, useStore } from './store'

type State = {
  /** The server doesn't answer: what is on the screen is from before. */
  away: boolean
  /** A backup took the place of what this page shows. */
  restored: boolean
  /** This browser keeps nothing of what isn't saved yet. */
  keepsNothing: boolean
}

const LOOK_MS = 1500
const GATHER_MS = 150

/** Which hangar this page was opened in: it says so with everything that it sends. */
export const generation = document.querySelector<HTMLMetaElement>('meta[name="generation"]')?.content ?? ''

/** What a number means here: another hangar that takes this one's place counts its own aircraft, flights and packs. */
export const keyHere = (id: number | string) => `${generation}.${id}`

/** How this page stands to its server, to other tabs and to what the browser keeps. */
class Connection extends Store<State> {
  private looking: number | undefined
  private gathering: number | undefined
  private readonly tabs = 'BroadcastChannel' in window ? new BroadcastChannel('dusk') : null
  /** What to do when the server is back, or another tab has changed something. */
  refresh: () => void = () => {}

  constructor() {
    super({ away: false, restored: false, keepsNothing: false })
    keep.whenDenied(() => this.denied())
    if (this.tabs) this.tabs.onmessage = () => this.changedElsewhere()
  }

  /** Resolves once the server answers again. */
  whenBack(): Promise<void> {
    if (!this.state.away) return Promise.resolve()
    return new Promise((back) => {
      const stop = this.watch(() => {
        if (this.state.away) return
        stop()
        back()
      })
    })
  }

  answered() {
    if (!this.state.away) return
    window.clearTimeout(this.looking)
    this.set({ away: false })
    this.refresh()
  }

  silent() {
    if (!this.state.away) this.set({ away: true })
    window.clearTimeout(this.looking)
    this.looking = window.setTimeout(() => void this.look(), LOOK_MS)
  }

  /** Asks the server for something small: what comes of it tells whether it is there again. */
  look: () => Promise<unknown> = () => Promise.resolve()

  denied() {
    if (!this.state.keepsNothing) this.set({ keepsNothing: true })
  }

  isRestored() {
    if (!this.state.restored) this.set({ restored: true })
  }

  /** This tab has changed something: the others look again. */
  tellTabs() {
    this.tabs?.postMessage('changed')
  }

  /** Without a channel between tabs it is looked now and then. */
  get asksItself() {
    return this.tabs === null
  }

  private changedElsewhere() {
    window.clearTimeout(this.gathering)
    this.gathering = window.setTimeout(() => this.refresh(), GATHER_MS)
  }
}

export const connection = new Connection()

export const useConnection = () => useStore(connection, (one) => one)
