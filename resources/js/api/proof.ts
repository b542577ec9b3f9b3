import { data, POST } from './client'
import { Newest } from './newest'
import { Store, useStore } from './store'
import type { Program, Proof } from './types'
import { workbench } from './workbench'

/** `stopped`: the pilot ended the proof of this draft; nothing is known of it until it is asked for again. */
type State = { proof: Proof | null; busy: boolean; stopped: boolean }
type Question = { aircraft: number; document: Program }

const QUIET_MS = 250

/** The proof of the present draft: asked for after each edit, once the pilot pauses. */
class ProofStore extends Store<State> {
  private wanted: Question | null = null
  private timer: number | undefined
  private readonly asking = new Newest(
    ({ document }: Question, signal) => data(POST('/api/prove', { body: { document }, signal })),
    {
      took: (proof, { aircraft, document }) => {
        if (aircraft === this.wanted?.aircraft) {
          this.set({ proof, busy: document !== this.wanted.document, stopped: false })
        }
      },
      // A draft that the core refuses is told where it's saved; the last proof stays.
      failed: () => this.set({ busy: false }),
    },
  )

  constructor() {
    super({ proof: null, busy: false, stopped: false })
    workbench.watch(() => {
      const { aircraft } = workbench.state
      const document = workbench.shown
      if (!aircraft || !document) {
        this.stop()
      } else if (document !== this.wanted?.document) {
        const isFirst = aircraft.id !== this.wanted?.aircraft
        this.wanted = { aircraft: aircraft.id, document }
        this.set(isFirst ? { proof: null, busy: true, stopped: false } : { stopped: false })
        this.soon(isFirst ? 0 : QUIET_MS)
      }
    })
  }

  /** Ends the proof that is under way. What an earlier draft gave says nothing of this one. */
  cancel = () => {
    window.clearTimeout(this.timer)
    this.asking.forget()
    this.set({ proof: null, busy: false, stopped: true })
  }

  again = () => {
    this.set({ busy: true, stopped: false })
    this.soon(0)
  }

  private stop() {
    this.wanted = null
    window.clearTimeout(this.timer)
    this.asking.forget()
    if (this.state.proof || this.state.busy) this.set({ proof: null, busy: false, stopped: false })
  }

  private soon(ms: number) {
    window.clearTimeout(this.timer)
    this.timer = window.setTimeout(() => {
      if (!this.wanted) return
      this.set({ busy: true })
      this.asking.want(this.wanted)
    }, ms)
  }
}

const store = new ProofStore()

export const proving = { stop: store.cancel, again: store.again }

export function useProof(): State {
  return useStore(store, (one) => one)
}
