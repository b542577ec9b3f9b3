import { Archive, ArchiveRestore } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useRef, useState } from 'react'
import { Menu, menuItem } from '@/parts/Menu'
import { BackUp } from './BackUp'
import { RestoreDialog } from './RestoreDialog'

/** Everything out as one file, and in again. */
export function Keeping() {
  const [backing, setBacking] = useState(false)
  const [restoring, setRestoring] = useState<File | null>(null)
  const file = useRef<HTMLInputElement>(null)
  return (
    <>
      <Menu label="Backup and restore">
        <DropdownMenu.Item className={menuItem} onSelect={() => setBacking(true)}>
          <Archive size={16} aria-hidden /> Back up everything
        </DropdownMenu.Item>
        <DropdownMenu.Item className={menuItem} onSelect={() => file.current?.click()}>
          <ArchiveRestore size={16} aria-hidden /> Restore a backup…
        </DropdownMenu.Item>
      </Menu>
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
