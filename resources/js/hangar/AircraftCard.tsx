import { Copy, Download, Pencil, Trash2 } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { Link } from 'react-router'
import { useDelete, useDuplicate, useRename, useRestore } from '@/api/queries'
import type { AircraftRow, Standing } from '@/api/types'
import { Dialog } from '@/parts/Dialog'
import { Menu, menuItem } from '@/parts/Menu'
import { TextField } from '@/parts/TextField'
import { tell } from '@/parts/toast'
import { clock, day } from '@/parts/words'
import { Silhouette } from './Silhouette'

type Props = {
  aircraft: AircraftRow
  /** An edit of it lies on this device that isn't saved. */
  left: boolean
  standing: Standing | undefined
}

export function AircraftCard({ aircraft, left, standing }: Props) {
  const [naming, setNaming] = useState(false)
  const duplicate = useDuplicate()
  const rename = useRename()
  const remove = useDelete()
  const restore = useRestore()

  const problem = { onError: (error: Error) => tell(error.message, { kind: 'problem' }) }
  const seen = { id: aircraft.id, base: aircraft.revision }
  const deleteIt = () =>
    remove.mutate(seen, {
      ...problem,
      onSuccess: () =>
        tell(`${aircraft.name} was deleted.`, {
          action: { name: 'Undo', run: () => restore.mutate(seen, problem) },
        }),
    })

  return (
    <li
      data-aircraft={aircraft.name}
      className="relative flex min-w-0 items-center gap-4 rounded-2xl border border-line bg-raised p-4 focus-within:border-edge hover:border-edge"
    >
      <Silhouette family={aircraft.family} />
      <div className="min-w-0 flex-1">
        <Link
          to={`/aircraft/${aircraft.id}/program`}
          className="block truncate font-semibold text-lg after:absolute after:inset-0 max-md:leading-11"
        >
          {aircraft.name}
        </Link>
        <p data-family className="truncate text-muted text-sm">
          {aircraft.familyTitle} · {aircraft.transmitterName}
        </p>
        <p className="mt-1 truncate text-muted text-sm">
          Revision {aircraft.revision} · {day(aircraft.savedAt)}, {clock(aircraft.savedAt)}
        </p>
        <Next id={aircraft.id} standing={standing} />
        {left && (
          <p data-left className="mt-1 text-sm text-sodium">
            ● Unsaved edit on this device
          </p>
        )}
      </div>
      <Menu look="bare" className="relative z-10" label={`More for ${aircraft.name}`}>
        <DropdownMenu.Item className={menuItem} onSelect={() => setNaming(true)}>
          <Pencil size={16} aria-hidden /> Rename
        </DropdownMenu.Item>
        <DropdownMenu.Item className={menuItem} onSelect={() => duplicate.mutate(aircraft.id, problem)}>
          <Copy size={16} aria-hidden /> Duplicate
        </DropdownMenu.Item>
        <DropdownMenu.Item className={menuItem} asChild>
          <a href={`/api/aircraft/${aircraft.id}/export/whole`} download>
            <Download size={16} aria-hidden /> Export with its equipment
          </a>
        </DropdownMenu.Item>
        <DropdownMenu.Item className={menuItem} asChild>
          <a href={`/api/aircraft/${aircraft.id}/export`} download>
            <Download size={16} aria-hidden /> Export the program alone
          </a>
        </DropdownMenu.Item>
        <DropdownMenu.Separator className="my-1 h-px bg-line" />
        <DropdownMenu.Item className={`${menuItem} text-rose`} onSelect={deleteIt}>
          <Trash2 size={16} aria-hidden /> Delete
        </DropdownMenu.Item>
      </Menu>
      <Dialog open={naming} title={`Rename ${aircraft.name}`} onClose={() => setNaming(false)}>
        <TextField
          label="New name"
          value={aircraft.name}
          onCommit={(name) => {
            rename.mutate({ ...seen, name }, problem)
            setNaming(false)
          }}
        />
        <p className="mt-2 text-muted text-sm">Press Enter to rename.</p>
      </Dialog>
    </li>
  )
}

/** How it stands, and what to do next. */
function Next({ id, standing }: { id: number; standing: Standing | undefined }) {
  if (standing === undefined) return <p className="mt-1 text-muted text-sm">◌ Looking…</p>
  if (standing === null) {
    return (
      <p data-standing="broken" className="mt-1 text-rose text-sm">
        ▲ Its program can’t run: open it to repair it
      </p>
    )
  }
  return (
    <p data-standing={standing.ready ? 'ready' : 'open'} className="mt-1 truncate text-sm">
      {standing.ready ? (
        <span className="text-teal">✓ Ready to fly</span>
      ) : (
        <>
          <span className="text-muted">
            {standing.settled} of {standing.all}
          </span>{' '}
          <Link
            to={`/aircraft/${id}/${standing.next?.place ?? ''}`}
            title={standing.next?.says}
            className="relative z-10 text-sodium hover:underline max-md:inline-block max-md:leading-11"
          >
            {standing.next?.action} →
          </Link>
        </>
      )}
    </p>
  )
}
