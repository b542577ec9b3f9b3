import { useState } from 'react'
import { useCompare } from '@/api/queries'
import type { Aircraft } from '@/api/types'
import { Changes } from '@/parts/Changes'
import { Choice } from '@/parts/Choice'

type Props = { aircraft: Aircraft; revisions: { revision: number; name: string | null }[] }

/** What changed between any two revisions. */
export function Compare({ aircraft, revisions }: Props) {
  const [from, setFrom] = useState(revisions.at(-1)?.revision ?? 1)
  const [to, setTo] = useState(aircraft.revision)
  const { data, error } = useCompare(aircraft.id, from, to)
  const options = revisions.map(({ revision, name }) => ({
    id: String(revision),
    name: name ? `${revision} “${name}”` : `Revision ${revision}`,
  }))
  return (
    <section aria-label="Compare two revisions" className="mb-3 rounded-lg border border-line bg-ground p-3">
      <div className="flex items-center gap-2 text-sm">
        <span className="shrink-0 text-muted">From</span>
        <Choice label="From revision" value={String(from)} options={options} onChange={(id) => setFrom(Number(id))} />
        <span className="shrink-0 text-muted">to</span>
        <Choice label="To revision" value={String(to)} options={options} onChange={(id) => setTo(Number(id))} />
      </div>
      {error && <p className="text-rose text-sm">▲ {error.message}</p>}
      {data && data.changes.length === 0 && <p className="mt-1 text-muted text-sm">No differences.</p>}
      <div data-compared>{data && <Changes changes={data.changes} most={20} />}</div>
    </section>
  )
}
