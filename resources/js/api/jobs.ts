import { useQuery } from '@tanstack/react-query'
import { DELETE, data, GET } from './client'
import { connection } from './connection'
import type { Job } from './types'

const LOOK_MS = 300

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
    refetchInterval: (query) => ((query.state.data as Job | undefined)?.state === 'running' ? LOOK_MS : false),
    refetchIntervalInBackground: true,
    gcTime: 0,
  })

/** Asks a job to stop; it tells by itself that it did. */
export const stopJob = (job: string) => data(DELETE('/api/jobs/{job}', { params: { path: { job } } }))
