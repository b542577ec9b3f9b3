import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { box } from './box'
import { DELETE, data, GET, PATCH, POST, path } from './client'
import { answered } from './queryClient'
import type { NewAircraft, Readiness, StoreKind, Stores } from './types'
import { aircraftQuery } from './workbench'

export const useHangar = () => useQuery({ queryKey: ['hangar'], queryFn: () => data(GET('/api/aircraft')) })

/** The aircraft of which an edit lies on this device that isn't saved. */
export const useLeftDrafts = () =>
  useQuery({
    queryKey: ['drafts'],
    queryFn: async () => new Set((await box.left()).map((draft) => draft.aircraft)),
    gcTime: 0,
  })

export const useStores = () =>
  useQuery({ queryKey: ['stores'], queryFn: () => data(GET('/api/stores')), staleTime: Number.POSITIVE_INFINITY })

/** Keeps and removes definitions of the pilot's own. */
export function useStoresChange() {
  const put = (stores: Stores) => answered(['stores'], stores)
  return {
    /** @param base the revision that it was made from; without one it's kept whatever is there */
    keep: (kind: StoreKind, document: Record<string, unknown>, base?: number) => {
      const query = base === undefined ? {} : { base }
      const body = document as Record<string, never>
      return data(POST('/api/stores/{kind}', { params: { path: { kind }, query }, body })).then(put)
    },
    /** @param anyway also where something still needs it */
    remove: (kind: StoreKind, id: string, anyway = false) => {
      const query = anyway ? { anyway: '1' } : {}
      return data(DELETE('/api/stores/{kind}/{id}', { params: { path: { kind, id }, query } })).then(put)
    },
    /** Brings back what was taken away, or an earlier revision. */
    restore: (kind: StoreKind, id: string, revision?: number) =>
      data(
        POST('/api/stores/{kind}/{id}/restore', {
          params: { path: { kind, id } },
          body: revision === undefined ? {} : { revision },
        }),
      ).then(put),
  }
}

/** Recipes, curves and a ladder to begin with. */
export const useRecipes = () =>
  useQuery({ queryKey: ['recipes'], queryFn: () => data(GET('/api/recipes')), staleTime: Number.POSITIVE_INFINITY })

/** What to key in for the saved program, on its own transmitter or another. */
export const useSheet = (id: number, revision: number, transmitter: string) =>
  useQuery({
    queryKey: ['sheet', id, revision, transmitter],
    queryFn: () => data(GET('/api/aircraft/{id}/sheet', { params: { path: { id }, query: { transmitter } } })),
    placeholderData: (before) => before,
    retry: false,
  })

/** What is left to do before the saved program flies; asked again after everything that is done. */
export const useReadiness = (id: number, revision: number) =>
  useQuery({
    queryKey: ['readiness', id, revision],
    queryFn: () => data(GET('/api/aircraft/{id}/readiness', path(id))),
    enabled: id > 0,
    placeholderData: (before) => before,
  })

/** How every aircraft stands, by its id. */
export const useReadinessOfAll = () =>
  useQuery({
    queryKey: ['readiness', 'all'],
    queryFn: async () => {
      const { aircraft } = await data(GET('/api/readiness'))
      return new Map(aircraft.map((one) => [one.id, one.readiness]))
    },
  })

const ready = (client: QueryClient, id: number) => {
  void client.invalidateQueries({ queryKey: ['readiness', id] })
  void client.invalidateQueries({ queryKey: ['checklists', id] })
}

export function useSetAside(id: number, revision: number) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: { item: Readiness['items'][number]['id']; reason?: string }) =>
      data(POST('/api/aircraft/{id}/readiness', { ...path(id), body })),
    onSuccess: (answer) => {
      void answered(['readiness', id, revision], answer)
      void client.invalidateQueries({ queryKey: ['checklists', id] })
    },
  })
}

/** The checklists of the saved program, and how one is recorded. */
export const useChecklists = (id: number, revision: number) =>
  useQuery({
    queryKey: ['checklists', id, revision],
    queryFn: () => data(GET('/api/aircraft/{id}/checklists', path(id))),
  })

export function useCheck(id: number, revision: number) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: { list: string; items: string[] }) =>
      data(POST('/api/aircraft/{id}/checklists', { ...path(id), body })),
    onSuccess: (answer) => {
      void answered(['checklists', id, revision], answer)
      ready(client, id)
    },
  })
}

/** Which steps at the bench were done, and how one is recorded. */
export const useBenchRecord = (id: number, revision: number) =>
  useQuery({
    queryKey: ['bench', id, revision],
    queryFn: () => data(GET('/api/aircraft/{id}/bench', path(id))),
    placeholderData: (before) => before,
  })

export function useRecordStep(id: number, revision: number) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ step, seen }: { step: string; seen: (string | null)[] }) =>
      data(POST('/api/aircraft/{id}/bench', { ...path(id), body: { step, revision, seen } })),
    onSuccess: (answer) => {
      void answered(['bench', id, revision], answer)
      ready(client, id)
    },
  })
}

/** When the pair was bound, and how that is recorded. */
export const useBindings = (id: number) =>
  useQuery({ queryKey: ['bindings', id], queryFn: () => data(GET('/api/aircraft/{id}/bindings', path(id))) })

export function useRecordBinding(id: number) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (note: string) => data(POST('/api/aircraft/{id}/bindings', { ...path(id), body: { note } })),
    onSuccess: (answer) => {
      void answered(['bindings', id], answer)
      ready(client, id)
    },
  })
}

/** What changed between two revisions. */
export const useCompare = (id: number, from: number, to: number) =>
  useQuery({
    queryKey: ['compare', id, from, to],
    queryFn: () => data(GET('/api/aircraft/{id}/compare/{from}/{to}', { params: { path: { id, from, to } } })),
    retry: false,
  })

export const useAircraft = (id: number) => useQuery(aircraftQuery(id))

/** Asked again whenever it's opened: every edit adds to it. */
export const useHistory = (id: number, revision: number) =>
  useQuery({
    queryKey: ['history', id, revision],
    queryFn: () => data(GET('/api/aircraft/{id}/history', path(id))),
    gcTime: 0,
  })

function useHangarChange<Given, Result>(change: (given: Given) => Promise<Result>) {
  const client = useQueryClient()
  return useMutation({ mutationFn: change, onSettled: () => client.invalidateQueries({ queryKey: ['hangar'] }) })
}

export const useNewAircraft = () => useHangarChange((body: NewAircraft) => data(POST('/api/aircraft', { body })))
export const useDuplicate = () => useHangarChange((id: number) => data(POST('/api/aircraft/{id}/duplicate', path(id))))
export const useRename = () =>
  useHangarChange(({ id, base, name }: { id: number; base: number; name: string }) =>
    data(PATCH('/api/aircraft/{id}', { ...path(id), body: { name, base } })),
  )
/** An aircraft at the revision that the pilot saw. */
type Seen = { id: number; base: number }
export const useDelete = () =>
  useHangarChange(({ id, base }: Seen) => data(DELETE('/api/aircraft/{id}', { ...path(id), body: { base } })))
export const useRestore = () =>
  useHangarChange(({ id, base }: Seen) => data(POST('/api/aircraft/{id}/restore', { ...path(id), body: { base } })))

type Decided = { text: string; decisions?: { kind: string; id: string; do: 'new' | 'replace' | 'leave' }[] }

/** The file goes as it is: the core reads it and says what is wrong where. */
export const useImport = () =>
  useHangarChange(({ text, decisions }: Decided) =>
    data(
      decisions
        ? POST('/api/import/decided', { body: { export: JSON.parse(text), decisions } })
        : POST('/api/import', { body: text as never, bodySerializer: (body) => body as unknown as string }),
    ),
  )
