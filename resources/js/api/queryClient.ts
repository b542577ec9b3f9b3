import { QueryClient, type QueryKey } from '@tanstack/react-query'
import { Lost } from './client'
import { connection } from './connection'

const LOOK_MS = 5000

/** What the server knows. The server is on this machine: it's asked whatever the browser believes of the network. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      refetchOnWindowFocus: true,
      // A refusal says the same when it's asked for again.
      retry: (tried, error) => error instanceof Lost && tried < 2,
    },
    mutations: { networkMode: 'always' },
  },
})

/** Takes what the server answered to a change. A read that was on its way knows nothing of it: it's let go. */
export async function answered(queryKey: QueryKey, answer: unknown) {
  await queries.cancelQueries({ queryKey, exact: true })
  queries.setQueryData(queryKey, answer)
}

connection.refresh = () => void queries.invalidateQueries()
if (connection.asksItself) {
  window.setInterval(() => document.visibilityState === 'visible' && connection.refresh(), LOOK_MS)
}
