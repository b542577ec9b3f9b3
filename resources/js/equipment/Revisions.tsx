import { useQuery } from '@tanstack/react-query'
import { data, GET } from '@/api/client'
import type { Definition, StoreKind } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { clock, day } from '@/parts/words'
import { facts } from './facts'

type Props = {
  kind: StoreKind
  of: Definition
  present: number
  onRestore: (revision: number) => void
  onClose: () => void
}

/** The revisions of a definition of one's own, the newest first, and the way back to each. */
export function Revisions({ kind, of, present, onRestore, onClose }: Props) {
  const { data: found, error } = useQuery({
    queryKey: ['definition', kind, of.id, present],
    queryFn: () => data(GET('/api/stores/{kind}/{id}/revisions', { params: { path: { kind, id: of.id } } })),
    gcTime: 0,
  })
  return (
    <Dialog open title={`History of ${of.name}`} says="Going back adds a revision; none is lost." onClose={onClose}>
      {error && <p className="text-rose">▲ {error.message}</p>}
      <ol className="space-y-2">
        {found?.revisions.map((one) => (
          <li
            key={one.revision}
            data-definition-revision={one.revision}
            className={`flex items-start gap-3 rounded-lg border p-3 ${one.revision === present ? 'border-sodium' : 'border-line'}`}
          >
            <div className="min-w-0 flex-1">
              <p>
                <span className="figures text-muted">{one.revision}</span> <strong>{one.document.name}</strong>
              </p>
              <p className="text-muted text-sm">
                {day(one.savedAt)}, {clock(one.savedAt)}
                {one.revision === present && <span className="text-sodium"> · ◆ present</span>}
              </p>
              <p className="text-sm">{facts(one.document as Definition).join(' · ')}</p>
            </div>
            {one.revision !== present && <Button onClick={() => onRestore(one.revision)}>Restore</Button>}
          </li>
        ))}
      </ol>
    </Dialog>
  )
}
