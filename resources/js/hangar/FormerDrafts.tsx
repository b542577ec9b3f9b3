import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { box, type KeptDraft } from '@/api/box'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { clock, day } from '@/parts/words'

const at = (one: KeptDraft) => {
  const moment = new Date(one.at).toISOString()
  return `${day(moment)}, ${clock(moment)}`
}

/** Edits that weren't saved when a backup took the place of their aircraft: kept as an aircraft, or thrown away. */
export function FormerDrafts() {
  const client = useQueryClient()
  const { data: drafts } = useQuery({ queryKey: ['former-drafts'], queryFn: () => box.former(), gcTime: 0 })
  const [problem, setProblem] = useState<string | null>(null)
  if (!drafts || drafts.length === 0) return null

  const drop = async (one: KeptDraft) => {
    await box.drop(one.aircraft, one.tab)
    await client.invalidateQueries({ queryKey: ['former-drafts'] })
  }
  const keep = async (one: KeptDraft) => {
    try {
      await data(POST('/api/import', { body: one.document as never }))
      setProblem(null)
      await drop(one)
      await client.invalidateQueries({ queryKey: ['hangar'] })
    } catch (error) {
      setProblem(said(error))
    }
  }
  return (
    <section
      aria-label="Edits from before a restore"
      className="mt-5 rounded-lg border border-sodium bg-sodium/10 px-4 py-3"
    >
      <h2 className="font-semibold">▲ Not saved before another hangar took this one’s place</h2>
      {drafts.map((one) => (
        <div
          key={`${one.aircraft} ${one.tab}`}
          data-former-draft
          className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm"
        >
          <p className="min-w-0 flex-1 max-md:basis-full">
            <strong>{one.document.name}</strong>: {one.note} <span className="text-muted">{at(one)}</span>
          </p>
          <Button onClick={() => void keep(one)}>Keep as a new aircraft</Button>
          <Button onClick={() => void drop(one)}>Throw away</Button>
        </div>
      ))}
      {problem && (
        <p role="alert" className="mt-2 text-rose text-sm">
          ▲ {problem}
        </p>
      )}
    </section>
  )
}
