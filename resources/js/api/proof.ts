import { data, Lost, POST } from './client'
import { Store, useStore } from './store'
import type { Program, Proof } from './types'
import { workbench } from './workbench'

type State = { proof: Proof | null; busy: boolean }

const QUIET_MS = 250
const RETRY_MS = 1500

/** The proof of the present draft: asked for after each edit, one request in flight, the newest wins. */
class ProofStore extends Store<State> {
  private asked: Program | null = null
  private inFlight = false
  private timer: number | undefined
  private aircraft: number | null = null

  constructor() {
    super({ proof: null, busy: false })
    workbench.watch(() => {
      const id = workbench.state.aircraft?.id ?? null
      if (id !== this.aircraft) {
        this.aircraft = id
        this.asked = null
        this.set({ proof: null, busy: false })
      }
      if (workbench.shown && workbench.shown !== this.asked) this.soon(this.asked ? QUIET_MS : 0)
    })
  }

  private soon(ms: number) {
    window.clearTimeout(this.timer)
    this.timer = window.setTimeout(() => void this.ask(), ms)
  }

  private async ask() {
    const document = workbench.shown
    const id = this.aircraft
    if (!document || this.inFlight || document === this.asked) return
    this.inFlight = true
    this.asked = document
    this.set({ busy: true })
    try {
      const proof = await data(POST('/api/prove', { body: { document } }))
      if (id === this.aircraft) this.set({ proof, busy: false })
    } catch (error) {
      // A draft that the core refuses is told where it's saved; the last proof stays.
      this.set({ busy: false })
      if (error instanceof Lost) {
        this.asked = null
        this.soon(RETRY_MS)
      }
    }
    this.inFlight = false
    if (workbench.shown && workbench.shown !== this.asked) this.soon(QUIET_MS)
  }
}

const store = new ProofStore()

export function useProof(): State {
  return useStore(store)
}
