import { useQuery } from '@tanstack/react-query'
import { DELETE, data, GET, POST } from './client'
import { connection } from './connection'
import type { Job } from './types'

const LOOK_MS = 300

/** True while it is at work or waits for its turn. */
export const goesOn = (job: Job | undefined) => job?.state === 'running' || job?.state === 'queued'

/** True where it has ended without what it was for. */
export const hasFailed = (job: Job | undefined) => job?.state === 'failed' || job?.state === 'interrupted'

/** How far a job has come, looked at until it ends. */
export const useJob = (job: string | null, round = 0) =>
  useQuery({
    queryKey: ['job', job, round],
    queryFn: async () => {
      const state = await data(GET('/api/jobs/{job}', { params: { path: { job: job ?? '' } } }))
      // What a job changed no answer has told.
      if (state.state === 'done') connection.tellTabs()
      return state
    },
    enabled: job !== null,
    refetchInterval: (query) => (goesOn(query.state.data as Job | undefined) ? LOOK_MS : false),
    refetchIntervalInBackground: true,
    gcTime: 0,
  })

/** Asks a job to stop; it tells by itself that it did. */
export const stopJob = (job: string) => data(DELETE('/api/jobs/{job}', { params: { path: { job } } }))

/** Starts a job that was interrupted once more. */
export const runAgain = (job: string) => data(POST('/api/jobs/{job}', { params: { path: { job } } }))
