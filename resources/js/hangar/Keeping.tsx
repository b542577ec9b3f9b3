import { Archive, ArchiveRestore, EllipsisVertical } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useRef, useState } from 'react'
import { Button } from '@/parts/Button'
import { BackUp } from './BackUp'
import { RestoreDialog } from './RestoreDialog'

const item = 'flex cursor-pointer items-center gap-2.5 rounded-md px-2.5 py-2 outline-none data-[highlighted]:bg-line'

/** Everything out as one file, and in again. */
export function Keeping() {
  const [backing, setBacking] = useState(false)
  const [restoring, setRestoring] = useState<File | null>(null)
  const file = useRef<HTMLInputElement>(null)
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <Button className="px-2" aria-label="Backup and restore">
            <EllipsisVertical size={18} aria-hidden />
          </Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            className="z-40 min-w-52 rounded-xl border border-edge bg-raised p-1 shadow-xl"
          >
            <DropdownMenu.Item className={item} onSelect={() => setBacking(true)}>
              <Archive size={16} aria-hidden /> Back up everything
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={() => file.current?.click()}>
              <ArchiveRestore size={16} aria-hidden /> Restore a backup…
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <input
        ref={file}
        type="file"
        accept=".zip,application/zip"
        aria-label="Backup to restore"
        className="hidden"
        onChange={(event) => {
          setRestoring(event.target.files?.[0] ?? null)
          event.target.value = ''
        }}
      />
      {backing && <BackUp onClose={() => setBacking(false)} />}
      {restoring && <RestoreDialog file={restoring} onClose={() => setRestoring(null)} />}
    </>
  )
}
