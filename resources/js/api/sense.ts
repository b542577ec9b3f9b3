import { useQuery } from '@tanstack/react-query'
import { data, POST } from './client'
import type { Program, SensedValue } from './types'

/** The telemetry values of a draft. */
export function useValues(document: Program): SensedValue[] {
  const { data: look } = useQuery({
    queryKey: ['values', document.receiver, document.sense],
    queryFn: () => data(POST('/api/sense', { body: { document } })),
  })
  return look?.values ?? []
}
