import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Pencil } from 'lucide-react'
import { useState } from 'react'
import { data, PUT } from '@/api/client'
import { said } from '@/api/proposals'
import { IconButton } from '@/parts/IconButton'
import { tell } from '@/parts/toast'

type Props = { aircraft: number; revision: number; name: string | null }

/** The name that a revision has, to be given or changed. */
export function RevisionName({ aircraft, revision, name }: Props) {
  const client = useQueryClient()
  const [typed, setTyped] = useState<string | null>(null)
  const { mutate } = useMutation({
    mutationFn: (to: string | null) =>
      data(
        PUT('/api/aircraft/{id}/revisions/{number}/name', {
          params: { path: { id: aircraft, number: revision } },
          body: { name: to },
        }),
      ),
    onSuccess: () => void client.invalidateQueries({ queryKey: ['history', aircraft] }),
    onError: (problem) => tell(said(problem), { kind: 'problem' }),
  })
  const take = () => {
    const to = typed?.trim() ?? ''
    if (typed !== null && to !== (name ?? '')) mutate(to === '' ? null : to)
    setTyped(null)
  }
  if (typed === null)
    return (
      <span className="inline-flex items-center">
        {name && <span className="text-sodium">“{name}”</span>}
        <IconButton
          icon={Pencil}
          className="min-h-7"
          label={`Name revision ${revision}`}
          onClick={() => setTyped(name ?? '')}
        />
      </span>
    )
  return (
    <input
      // It was just asked for.
      ref={(input) => input?.focus()}
      aria-label={`Name of revision ${revision}`}
      value={typed}
      maxLength={60}
      placeholder="such as: as flown in May"
      onChange={(event) => setTyped(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur()
        if (event.key === 'Escape') {
          event.stopPropagation()
          setTyped(null)
        }
      }}
      className="ml-2 h-8 w-56 min-w-0 rounded-lg border border-line bg-deep px-2 text-sm"
    />
  )
}
