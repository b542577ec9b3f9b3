import { Copy, Download, Pencil, Trash2 } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { Link } from 'react-router'
import { useDelete, useDuplicate, useRename, useRestore } from '@/api/queries'
import type { AircraftRow } from '@/api/types'
import { Dialog } from '@/parts/Dialog'
import { Menu, menuItem } from '@/parts/Menu'
import { TextField } from '@/parts/TextField'
import { tell } from '@/parts/toast'
import { clock, day } from '@/parts/words'
import { Silhouette } from './Silhouette'

/** @param props.left an edit of it lies on this device that isn't saved */
export function AircraftCard({ aircraft, left }: { aircraft: AircraftRow; left: boolean }) {
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
      className="relative flex items-center gap-4 rounded-2xl border border-line bg-raised p-4 focus-within:border-edge hover:border-edge"
    >
      <Silhouette family={aircraft.family} />
      <div className="min-w-0 flex-1">
        <Link
          to={`/aircraft/${aircraft.id}/wire`}
          className="block truncate font-semibold text-lg after:absolute after:inset-0"
        >
          {aircraft.name}
        </Link>
        <p className="truncate text-muted text-sm">{aircraft.familyTitle}</p>
        <p className="mt-1 truncate text-muted text-sm">
          Revision {aircraft.revision} · {day(aircraft.savedAt)}, {clock(aircraft.savedAt)}
        </p>
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
        <p className="mt-2 text-muted text-sm">Enter takes it over.</p>
      </Dialog>
    </li>
  )
}
