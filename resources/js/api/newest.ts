import { Lost } from './client'

const RETRY_MS = 1500

type Takes<Question, Answer> = {
  /** What came, and for what. */
  took: (answer: Answer, question: Question) => void
  /** A refusal; where the answer was lost it's asked again by itself. */
  failed?: (error: unknown, question: Question) => void
}

/** Fails as soon as it is stopped. */
const ended = (signal: AbortSignal) =>
  new Promise<never>((_, fail) => signal.addEventListener('abort', () => fail(signal.reason), { once: true }))

/** Asks with one request in flight: of all that is asked for meanwhile only the newest is asked next. */
export class Newest<Question, Answer> {
  private wanted: { question: Question } | null = null
  private inFlight = false
  private stops = new AbortController()

  constructor(
    private readonly ask: (question: Question, stopped: AbortSignal) => Promise<Answer>,
    private readonly takes: Takes<Question, Answer>,
  ) {}

  want(question: Question) {
    this.wanted = { question }
    if (!this.inFlight) void this.run()
  }

  /** What is on its way counts for nothing any more. */
  forget() {
    this.wanted = null
    this.stops.abort()
  }

  private async run() {
    this.inFlight = true
    while (this.wanted) {
      const now = this.wanted
      this.stops = new AbortController()
      const { signal } = this.stops
      try {
        const answer = await Promise.race([this.ask(now.question, signal), ended(signal)])
        if (this.wanted === now) this.wanted = null
        this.takes.took(answer, now.question)
      } catch (error) {
        if (signal.aborted) continue
        this.takes.failed?.(error, now.question)
        if (error instanceof Lost) await new Promise((done) => window.setTimeout(done, RETRY_MS))
        else if (this.wanted === now) this.wanted = null
      }
    }
    this.inFlight = false
  }
}
