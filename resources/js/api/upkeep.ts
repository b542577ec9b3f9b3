import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { DELETE, data, GET, PATCH, POST, PUT } from './client'
import type { paths } from './contract'
import { answered } from './queryClient'
import type { Fields, Packs, Program, Upkeep } from './types'

type Body<P extends keyof paths, M extends keyof paths[P]> = paths[P][M] extends {
  requestBody: { content: { 'application/json': infer B } }
}
  ? B
  : never

/** What the flights of an aircraft teach of its alarms and of its current sensor. */
export const useLearned = (aircraft: number, document: Program, reserve: number) =>
  useQuery({
    queryKey: ['logbook', 'learned', aircraft, document, reserve],
    queryFn: () =>
      data(POST('/api/aircraft/{aircraft}/learn', { params: { path: { aircraft } }, body: { document, reserve } })),
    placeholderData: (before) => before,
    retry: false,
  })

export const useCompared = () =>
  useMutation({
    mutationFn: (body: Body<'/api/compare-flights', 'post'>) => data(POST('/api/compare-flights', { body })),
  })

export const useUpkeep = (aircraft: number) =>
  useQuery({
    queryKey: ['upkeep', aircraft],
    queryFn: () => data(GET('/api/aircraft/{aircraft}/upkeep', { params: { path: { aircraft } } })),
  })

export function useUpkeepChange(aircraft: number) {
  const onSuccess = (is: Upkeep) => answered(['upkeep', aircraft], is)
  const path = { params: { path: { aircraft } } }
  return {
    add: useMutation({
      mutationFn: (body: Body<'/api/aircraft/{aircraft}/upkeep', 'post'>) =>
        data(POST('/api/aircraft/{aircraft}/upkeep', { ...path, body })),
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: (upkeep: number) => data(DELETE('/api/upkeep/{upkeep}', { params: { path: { upkeep } } })),
      onSuccess,
    }),
    balance: useMutation({
      mutationFn: (body: Body<'/api/aircraft/{aircraft}/balance', 'put'>) =>
        data(PUT('/api/aircraft/{aircraft}/balance', { ...path, body })),
      onSuccess,
    }),
  }
}

export const usePacks = () => useQuery({ queryKey: ['packs'], queryFn: () => data(GET('/api/packs')) })

export function usePackChange() {
  const onSuccess = (is: Packs) => answered(['packs'], is)
  return {
    add: useMutation({
      mutationFn: (body: Body<'/api/packs', 'post'>) => data(POST('/api/packs', { body })),
      onSuccess,
    }),
    change: useMutation({
      mutationFn: ({ pack, ...body }: Body<'/api/packs/{pack}', 'patch'> & { pack: number }) =>
        data(PATCH('/api/packs/{pack}', { params: { path: { pack } }, body })),
      onSuccess,
    }),
    act: useMutation({
      mutationFn: ({ pack, ...body }: Body<'/api/packs/{pack}/acts', 'post'> & { pack: number }) =>
        data(POST('/api/packs/{pack}/acts', { params: { path: { pack } }, body })),
      onSuccess,
    }),
  }
}

export const useFields = () => useQuery({ queryKey: ['fields'], queryFn: () => data(GET('/api/fields')) })

export function useFieldChange() {
  const client = useQueryClient()
  const onSuccess = (is: Fields) => {
    void answered(['fields'], is)
    // Flights are held against them.
    void client.invalidateQueries({ queryKey: ['flight'] })
  }
  return {
    keep: useMutation({
      mutationFn: (body: Body<'/api/fields', 'post'>) => data(POST('/api/fields', { body })),
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: (field: number) => data(DELETE('/api/fields/{field}', { params: { path: { field } } })),
      onSuccess,
    }),
  }
}

export const useFriends = () => useQuery({ queryKey: ['friends'], queryFn: () => data(GET('/api/video-plan')) })

export const useVideoPlan = () =>
  useMutation({ mutationFn: (body: Body<'/api/video-plan', 'post'>) => data(POST('/api/video-plan', { body })) })
