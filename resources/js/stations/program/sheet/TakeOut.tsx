import { useMutation, useQueryClient } from '@tanstack/react-query'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { Sheet } from '@/api/types'
import { Button } from '@/parts/Button'
import { tell } from '@/parts/toast'

/** What was entered and the sheet has no more: it still works in the transmitter until it is taken out there. */
export function TakeOut({ id, sheet }: { id: number; sheet: Sheet }) {
  const client = useQueryClient()
  const { mutate, isPending } = useMutation({
    mutationFn: () =>
      data(
        POST('/api/aircraft/{id}/sheet/taken-out', {
          params: { path: { id } },
          body: { transmitter: sheet.transmitter },
        }),
      ),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['sheet', id] })
      void client.invalidateQueries({ queryKey: ['readiness', id] })
    },
    onError: (problem) => tell(said(problem), { kind: 'problem' }),
  })
  if (sheet.gone.length === 0) return null
  return (
    <section aria-label="To take out" data-gone className="mt-2 rounded-lg border border-sodium px-3 py-2 text-sm">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <p>
          <span className="text-sodium">▲</span> The sheet has this no more. Take it out of the transmitter, or set it
          back:
        </p>
        <Button className="min-h-8 px-2" disabled={isPending} onClick={() => mutate()}>
          It is out
        </Button>
      </div>
      <ul className="mt-1">
        {sheet.gone.map((one) => (
          <li key={one.key}>
            {one.what}: {one.value}
          </li>
        ))}
      </ul>
    </section>
  )
}
