import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { data, GET, PUT } from './client'
import { answered } from './queryClient'
import { rehearsal } from './rehearsal'
import type { Pilot } from './types'

/** What holds for all of the pilot's aircraft. */
export const usePilot = () =>
  useQuery({
    queryKey: ['pilot'],
    queryFn: () => data(GET('/api/pilot')),
    staleTime: Number.POSITIVE_INFINITY,
  })

export function usePilotChange() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (units: Pilot['units']) => data(PUT('/api/pilot', { body: { units } })),
    onSuccess: (pilot) => {
      void answered(['pilot'], pilot)
      for (const key of ['values', 'threshold']) void client.invalidateQueries({ queryKey: [key] })
      rehearsal.forgetWhatWasHeard()
    },
  })
}
