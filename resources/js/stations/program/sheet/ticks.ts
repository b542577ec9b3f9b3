import { useIsMutating, useMutation, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import { answered } from '@/api/queryClient'
import type { Sheet } from '@/api/types'
import { keep } from '@/parts/keep'
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

/** True while ticks are on their way to the server. */
export const useTicksOnTheirWay = () => useIsMutating({ mutationKey: ['sheet'] }) > 0

/** Keeps which lines were entered; what was ticked shows at once, and what is ticked meanwhile goes in one piece. */
export function useTick(id: number, revision: number, sheet: Sheet | undefined) {
  const client = useQueryClient()
  const transmitter = sheet?.transmitter ?? ''
  const key = ['sheet', id, revision, transmitter]
  const { mutate } = useMutation({
    scope: { id: 'sheet' },
    mutationFn: (ticks: Ticks) =>
      data(POST('/api/aircraft/{id}/sheet', { params: { path: { id } }, body: { transmitter, revision, ...ticks } })),
    onError: (problem) => {
      tell(said(problem), { kind: 'problem' })
      void client.invalidateQueries({ queryKey: ['sheet', id] })
    },
    onSuccess: (answer) => {
      if (waiting.current.size > 0 || client.isMutating({ mutationKey: ['sheet'] }) > 1) return
      void answered(key, answer)
      void client.invalidateQueries({ queryKey: ['readiness', id] })
    },
    onSettled: () => {
      busy.current = false
      flush.current()
    },
    mutationKey: ['sheet'],
  })
  const waiting = useRef(new Map<string, boolean>())
  const busy = useRef(false)
  const flush = useRef(() => {})
  flush.current = () => {
    const [first] = waiting.current
    if (busy.current || !first) return
    const done = first[1]
    const keys = [...waiting.current].filter((one) => one[1] === done).map((one) => one[0])
    for (const one of keys) waiting.current.delete(one)
    busy.current = true
    mutate({ keys, done })
  }
  const tick = useCallback(
    (ticks: Ticks) => {
      client.setQueryData<Sheet>(['sheet', id, revision, transmitter], (now) => now && withTicks(now, ticks, revision))
      for (const one of ticks.keys) waiting.current.set(one, ticks.done)
      flush.current()
    },
    [client, id, revision, transmitter],
  )
  useEffect(() => {
    const kept = sheet && keep.get(former(id, sheet.transmitter))
    if (!sheet || !kept) return
    keep.remove(former(id, sheet.transmitter))
    const ticked = new Set<string>(JSON.parse(kept))
    const keys = sheet.sections.flatMap((section) =>
      section.lines.filter((line) => ticked.has(`${section.title}|${line.what}|${line.value}`)).map((line) => line.key),
    )
    if (keys.length > 0) tick({ keys, done: true })
  }, [id, sheet, tick])
  return tick
}
