import { Trash2 } from 'lucide-react'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import type { Placed } from './placed'

const KINDS = [
  { id: 'switch-2', name: 'Switch, 2 positions' },
  { id: 'switch-3', name: 'Switch, 3 positions' },
  { id: 'button', name: 'Button' },
  { id: 'dial', name: 'Dial' },
  { id: 'slider', name: 'Slider' },
]
const RESTS = [
  { id: 'toward', name: 'at rest toward you' },
  { id: 'middle', name: 'at rest in the middle' },
  { id: 'away', name: 'at rest away from you' },
]

type Props = { control: Placed; onChange: (control: Placed) => void; onRemove: () => void }

/** The control that is chosen on the front: what it's called, what it is, where it rests. */
export function ControlFields({ control, onChange, onRemove }: Props) {
  const isSwitch = control.kind === 'switch'
  const kind = isSwitch ? `switch-${control.positions === 3 ? 3 : 2}` : (control.kind ?? '')
  const become = (to: string) => {
    const { positions: _positions, rest: _rest, ...bare } = control
    const [word = '', count] = to.split('-')
    onChange(count ? { ...bare, kind: word, positions: Number(count) } : { ...bare, kind: word })
  }
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)_12rem_12rem_auto] gap-2 max-md:grid-cols-1">
      <input
        aria-label="Name of the control"
        value={control.name ?? ''}
        maxLength={60}
        onChange={(event) => onChange({ ...control, name: event.target.value })}
        className="h-9 w-full rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
      />
      <Choice label="Kind of the control" value={kind} options={KINDS} onChange={become} />
      {isSwitch ? (
        <Choice
          label="Rest of the control"
          value={control.rest ?? 'toward'}
          options={control.positions === 3 ? RESTS : RESTS.filter((one) => one.id !== 'middle')}
          onChange={(rest) => onChange({ ...control, rest })}
        />
      ) : (
        <span />
      )}
      <Button look="danger" aria-label={`Remove ${control.name ?? 'the control'}`} onClick={onRemove}>
        <Trash2 size={15} aria-hidden />
      </Button>
    </div>
  )
}
