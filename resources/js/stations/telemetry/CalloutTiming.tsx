import type { Call } from '@/api/types'
import { NumberField } from '@/parts/NumberField'
import { changeCall } from './edits'

/** How long something must hold before it is said, and how often it is said again: cells of the row around them. */
export function CalloutTiming({ call, after }: { call: Call; after: string }) {
  return (
    <>
      <span>{after}</span>
      <NumberField
        label={`Hold of ${call.name}`}
        value={call.hold ?? 0}
        least={0}
        most={60}
        unit="s"
        onChange={(hold) => changeCall(call.id, (now) => ({ ...now, hold }), `${call.name}: ${after} ${hold} s`)}
      />
      <span>repeat every</span>
      <NumberField
        label={`Repeat of ${call.name}`}
        value={call.repeat ?? 0}
        least={0}
        most={600}
        unit="s"
        onChange={(repeat) =>
          changeCall(call.id, (now) => ({ ...now, repeat }), `${call.name}: repeat every ${repeat} s`)
        }
      />
    </>
  )
}
