import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { DELETE, data, GET, PATCH, POST } from './client'
import type { ColumnMap, FlightChange, FlightPage, Program, Recording } from './types'

/** Those of a long logbook that are seen at once. */
const FIRST = 100

/** The flights of an aircraft, or all of them: the newest at once, the others as soon as they are there. */
export function useLogbook(aircraft?: number) {
  const whose = aircraft === undefined ? {} : { aircraft }
  const all = useQuery({
    queryKey: ['logbook', aircraft ?? 'all'],
    queryFn: () => data(GET('/api/logbook', { params: { query: whose } })),
  })
  const first = useQuery({
    queryKey: ['logbook', aircraft ?? 'all', 'first'],
    queryFn: () => data(GET('/api/logbook', { params: { query: { ...whose, first: FIRST } } })),
    enabled: all.data === undefined,
  })
  return { ...all, data: all.data ?? first.data }
}

/** Everything that happened with an aircraft, or with all. */
export const useTimeLine = (aircraft?: number) =>
  useQuery({
    queryKey: ['logbook', 'line', aircraft ?? 'all'],
    queryFn: () => data(GET('/api/logbook-line', { params: { query: aircraft === undefined ? {} : { aircraft } } })),
  })

/** A flight over time, and what was found in it. */
export const useFlight = (flight: number) =>
  useQuery({
    queryKey: ['flight', flight],
    queryFn: () => data(GET('/api/logbook/{flight}', { params: { path: { flight } } })),
  })

/** Another flight's lines, to be laid over a flight's. */
export const useLaidOver = (flight: number, other: number | null) =>
  useQuery({
    queryKey: ['flight', flight, 'over', other],
    queryFn: () =>
      data(GET('/api/logbook/{flight}/over/{other}', { params: { path: { flight, other: other as number } } })),
    enabled: other !== null,
    retry: false,
  })

/** What a column of a recording may be. */
export const useQuantities = () =>
  useQuery({
    queryKey: ['quantities'],
    queryFn: () => data(GET('/api/recordings/quantities')),
    staleTime: Number.POSITIVE_INFINITY,
  })

/** Everything that shows flights is asked again. */
export function flightsChanged(client: QueryClient) {
  void client.invalidateQueries({ queryKey: ['logbook'] })
  void client.invalidateQueries({ queryKey: ['flight'] })
}

export function useFlightChange(flight: number) {
  const client = useQueryClient()
  return useMutation({
    // One after the other, in the order they were made.
    scope: { id: `flight-${flight}` },
    mutationFn: (body: FlightChange) => data(PATCH('/api/logbook/{flight}', { params: { path: { flight } }, body })),
    onSuccess: (changed) => {
      client.setQueryData(['flight', flight], (page: FlightPage | undefined) => page && { ...page, flight: changed })
      flightsChanged(client)
    },
  })
}

export function useTypedFlight() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: FlightChange & { aircraft: number | null }) => data(POST('/api/logbook', { body })),
    onSuccess: () => flightsChanged(client),
  })
}

export function useFlightRemoval() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (flight: number) => data(DELETE('/api/logbook/{flight}', { params: { path: { flight } } })),
    onSuccess: () => flightsChanged(client),
  })
}

/** Begins to read a file; its job tells when its flights are there. */
export const sendRecording = (file: File, aircraft?: number) =>
  data(
    POST('/api/recordings', {
      params: { query: { name: file.name, ...(aircraft === undefined ? {} : { aircraft }) } },
      body: file as never,
      bodySerializer: () => file,
      headers: { 'Content-Type': 'application/octet-stream' },
    }),
  )

/** Looks at another logbook, or takes its flights in. */
export const sendLogbook = (file: File, first: 'day' | 'month' | undefined, keep: boolean) =>
  data(
    POST('/api/logbook-file', {
      params: { query: { ...(first ? { first } : {}), ...(keep ? { keep } : {}) } },
      body: file as never,
      bodySerializer: () => file,
      headers: { 'Content-Type': 'application/octet-stream' },
    }),
  )

/** Begins to read a recording once more with other columns. */
export const mapColumns = (recording: number, body: ColumnMap) =>
  data(POST('/api/recordings/{recording}/columns', { params: { path: { recording } }, body }))

/** What the alarms of a program would have said on a flight. */
export const useHeardFlight = (flight: number, document: Program | null) =>
  useQuery({
    queryKey: ['flight', flight, 'heard', document],
    queryFn: async () =>
      (await data(
        POST('/api/logbook/{flight}/heard', {
          params: { path: { flight } },
          body: { document: document as Program },
        }),
      )) as Recording,
    enabled: document !== null,
    placeholderData: (before) => before,
    retry: false,
  })
