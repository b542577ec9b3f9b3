import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import type { Sense, SenseLook } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { Obvious } from '../Obvious'
import { Scales } from './Scales'

export type Fitted = NonNullable<Sense['chain']>[number]
type Props = {
  sensor: SenseLook['chain'][number]
  first: boolean
  last: boolean
  move: (by: number) => void
  change: (change: (now: Fitted) => Fitted, note: string) => void
  remove: () => void
  /** what is worth calculating of it and isn't yet */
  obvious: SenseLook['obvious']
}

/** A sensor of the chain: its address, its mode, how to mount it. */
export function SensorCard({ sensor, first, last, move, change, remove, obvious }: Props) {
  const mode = sensor.modes.find((one) => one.id === sensor.mode)
  return (
    <div className="rounded-xl border border-line bg-raised px-3 py-2">
      <div className="flex items-center gap-2">
        <h3 className="min-w-0 flex-1 truncate font-semibold">
          {sensor.name} <span className="font-normal text-muted text-sm">{sensor.kind}</span>
        </h3>
        <IconButton icon={ArrowUp} disabled={first} label={`${sensor.name} up`} onClick={() => move(-1)} />
        <IconButton icon={ArrowDown} disabled={last} label={`${sensor.name} down`} onClick={() => move(1)} />
        <IconButton icon={Trash2} label={`Remove ${sensor.name}`} onClick={remove} />
      </div>
      <p className="flex flex-wrap items-center gap-x-4 text-muted text-sm">
        <span>
          values <code className="figures text-ink">{sensor.id}-…</code>
        </span>
        {sensor.onBus ? (
          <label className="flex items-center gap-1.5">
            address
            <input
              type="number"
              min={1}
              max={28}
              aria-label={`Address of ${sensor.name}`}
              value={sensor.address ?? ''}
              onChange={(event) => {
                const address = Number(event.target.value)
                if (address) change((now) => ({ ...now, address }), `address ${address}`)
              }}
              className="figures h-7 w-14 rounded border border-line bg-deep px-1.5 text-right text-ink"
            />
          </label>
        ) : (
          <span>over the flight controller</span>
        )}
        <span>
          {sensor.values} {sensor.values === 1 ? 'value' : 'values'}
          {sensor.onBus && `, ${sensor.draw} mA, ${sensor.supply.join(' to ')} V`}
        </span>
      </p>
      {mode && (
        <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
          <div className="w-56">
            <Choice
              label={`Mode of ${sensor.name}`}
              value={mode.id}
              options={sensor.modes}
              onChange={(id) => change((now) => ({ ...now, mode: id }), 'mode')}
            />
          </div>
          <span data-sends={sensor.id} className="min-w-0 flex-1 text-muted">
            sends {mode.sends}
          </span>
        </div>
      )}
      {sensor.advice.length > 0 && (
        <details className="text-sm">
          <summary className="cursor-pointer text-muted">How to mount it</summary>
          <ul className="mt-1 list-disc pl-5">
            {sensor.advice.map((advice) => (
              <li key={advice}>{advice}</li>
            ))}
          </ul>
        </details>
      )}
      {sensor.scales.length > 0 && <Scales sensor={sensor} change={change} />}
      <Obvious title={`Worth calculating of ${sensor.name}`} obvious={obvious} />
    </div>
  )
}
