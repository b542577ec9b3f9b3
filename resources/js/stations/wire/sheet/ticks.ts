import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { Sheet } from '@/api/types'
import { tell } from '@/parts/toast'

type Ticks = { keys: string[]; done: boolean }

/** Ticks were kept in the browser once, by what a line said. */
const former = (aircraft: number, transmitter: string) => `dusk.sheet.${aircraft}.${transmitter}`

const withTicks = (sheet: Sheet, { keys, done }: Ticks, revision: number): Sheet => {
  const entered = { ...sheet.entered }
  for (const key of keys) delete entered[key]
  if (done) for (const key of keys) entered[key] = { state: 'done', value: '', at: new Date().toISOString(), revision }
  return { ...sheet, entered }
}

/** Keeps which lines were entered; what was ticked shows at once. */
export function useTick(id: number, revision: number, sheet: Sheet | undefined) {
  const client = useQueryClient()
  const transmitter = sheet?.transmitter ?? ''
  const key = ['sheet', id, revision, transmitter]
  const { mutate } = useMutation({
    scope: { id: 'sheet' },
    mutationFn: (ticks: Ticks) =>
      data(POST('/api/aircraft/{id}/sheet', { params: { path: { id } }, body: { transmitter, revision, ...ticks } })),
    onMutate: (ticks) => client.setQueryData<Sheet>(key, (now) => now && withTicks(now, ticks, revision)),
    onError: (problem) => {
      tell(said(problem), { kind: 'problem' })
      void client.invalidateQueries({ queryKey: ['sheet', id] })
    },
    onSuccess: (answer) => client.isMutating({ mutationKey: ['sheet'] }) > 1 || client.setQueryData(key, answer),
    mutationKey: ['sheet'],
  })
  useEffect(() => {
    const kept = sheet && localStorage.getItem(former(id, sheet.transmitter))
    if (!sheet || !kept) return
    localStorage.removeItem(former(id, sheet.transmitter))
    const ticked = new Set<string>(JSON.parse(kept))
    const keys = sheet.sections.flatMap((section) =>
      section.lines.filter((line) => ticked.has(`${section.title}|${line.what}|${line.value}`)).map((line) => line.key),
    )
    if (keys.length > 0) mutate({ keys, done: true })
  }, [id, sheet, mutate])
  return mutate
}
