import { Dialog } from '@/parts/Dialog'
import { SHORTCUTS } from './shortcutKeys'

export function Shortcuts({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} title="Shortcuts" onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {SHORTCUTS.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt>
              <kbd className="figures rounded border border-edge bg-deep px-1.5 py-0.5 text-sm">{keys}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  )
}
