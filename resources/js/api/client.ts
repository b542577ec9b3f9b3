import createClient from 'openapi-fetch'
import { connection, generation } from './connection'
import type { paths } from './contract'
import type { Broken, Conflict, Differing, Problem } from './types'

const client = createClient<paths>({
  baseUrl: '/',
  headers: { 'Dusk-Generation': generation, 'Dusk-Zone': Intl.DateTimeFormat().resolvedOptions().timeZone ?? '' },
})
export const { GET, POST, PUT, PATCH, DELETE } = client

/** Of an address with one id in it. */
export const path = (id: number) => ({ params: { path: { id } } })

/** A request that the server answered with a refusal: asked again it would say the same. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem | Conflict | Broken | Differing,
  ) {
    super(problem.message)
  }
}

/** No answer that counts: none at all, one that was cut, or trouble in the server itself. It's worth asking again. */
export class Lost extends Error {
  constructor(message = 'Dusk Switch doesn’t answer. Is it still running?') {
    super(message)
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response }

const GONE = 410

/** Too slow, too many, and everything that is the server's own trouble. */
const isTrouble = (status: number) => Math.floor(status / 100) === 5 || status === 408 || status === 429

/** The data of an answer; a refusal or a lost answer as an error. */
export async function data<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await request
  } catch (problem) {
    // Whoever stopped asking doesn't want to know.
    if (!(problem instanceof DOMException && problem.name === 'AbortError')) connection.silent()
    throw new Lost()
  }
  connection.answered()
  const { response, error } = answer
  if (response.headers.has('Dusk-Changed')) connection.tellTabs()
  if (isTrouble(response.status)) throw new Lost((error as Problem | undefined)?.message)
  if (!response.ok) {
    if (response.status === GONE && (error as { restored?: boolean })?.restored) connection.isRestored()
    const problem = (error as Problem | undefined)?.message ? (error as Problem) : undefined
    throw new Refusal(
      response.status,
      problem ?? { message: `The server refused this (${response.status}).`, faults: [] },
    )
  }
  // An answer of this app always has a body: an empty one was cut.
  if (answer.data === undefined) throw new Lost()
  return answer.data
}

connection.look = () => data(GET('/api/pilot')).catch(() => {})
