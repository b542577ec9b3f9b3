import createClient from 'openapi-fetch'
import type { paths } from './contract'
import type { Conflict, Problem } from './types'

const client = createClient<paths>({ baseUrl: '/' })
export const { GET, POST, PUT, PATCH, DELETE } = client

/** A request that the server answered with a refusal. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem | Conflict,
  ) {
    super(problem.message)
  }
}

/** The server didn't answer at all. */
export class Lost extends Error {
  constructor() {
    super('Dusk Switch doesn’t answer. Is it still running?')
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response }

/** The data of an answer; a refusal or a lost server as an error. */
export async function data<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await request
  } catch {
    throw new Lost()
  }
  if (!answer.response.ok) {
    throw new Refusal(answer.response.status, (answer.error as Problem) ?? { message: 'No answer', faults: [] })
  }
  return answer.data as T
}
