import type { Call } from '@/api/types'
import { NumberField } from '@/parts/NumberField'
import { changeCall, without } from './edits'

/** How long after power-up a call may speak: nothing where it always may. */
export function AtPowerUp({ call }: { call: Call }) {
  return (
    <div className="mt-1 grid grid-cols-[1fr_5rem] items-center gap-x-2 text-muted text-sm">
      <span>speaks only in the first seconds after power-up (0 = always)</span>
      <NumberField
        label={`${call.name}: only so long after power-up`}
        value={call.within ?? 0}
        least={0}
        most={600}
        unit="s"
        onChange={(within) =>
          changeCall(
            call.id,
            (now) => (within < 1 ? (without(now, 'within') as Call) : { ...now, within }),
            within < 1 ? `${call.name}: at any time` : `${call.name}: only ${within} s after power-up`,
          )
        }
      />
    </div>
  )
}
