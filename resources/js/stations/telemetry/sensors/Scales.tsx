import type { SenseLook } from '@/api/types'
import { NumberField } from '@/parts/NumberField'
import { without } from '../edits'
import type { Fitted } from './SensorCard'

type Props = {
  sensor: SenseLook['chain'][number]
  change: (change: (now: Fitted) => Fitted, note: string) => void
}

/** By what a value of a sensor is multiplied: found with a meter, or in Learn from what a charger put back. */
export function Scales({ sensor, change }: Props) {
  const set = sensor.scales.filter((one) => one.by !== 1)
  const put = (quantity: string, by: number, note: string) =>
    change((now) => {
      const { [quantity]: _was, ...rest } = now.scales ?? {}
      const scales = by === 1 ? rest : { ...rest, [quantity]: by }
      return Object.keys(scales).length === 0 ? without(now, 'scales') : { ...now, scales }
    }, note)
  return (
    <details className="text-sm">
      <summary className="cursor-pointer text-muted">
        Scales: {set.length === 0 ? 'as sent' : set.map((one) => `${one.name} × ${one.by}`).join(', ')}
      </summary>
      <div className="mt-1 grid gap-x-4 gap-y-1 pl-5 sm:grid-cols-2">
        {sensor.scales.map((one) => (
          <div key={one.quantity} data-scale={one.quantity} className="flex items-center gap-2">
            <span className="min-w-0 flex-1 truncate">{one.name}</span>
            <span className="w-28">
              <NumberField
                label={`Scale of ${one.name}`}
                value={one.by}
                least={0.1}
                most={10}
                unit="×"
                onChange={(by) => put(one.quantity, by, `${one.name} × ${by}`)}
              />
            </span>
          </div>
        ))}
      </div>
    </details>
  )
}
