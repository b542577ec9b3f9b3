import type { SenseLook } from '@/api/types'
import { ear, useEar } from '@/handheld/ear'

/** What telemetry says on the bench, typed, so that switches and buttons can be heard with it. */
export function BenchValues({ look, used }: { look: SenseLook; used: Set<string> }) {
  const typed = useEar((state) => state.values)
  const values = look.values.filter((one) => used.has(one.id))
  if (values.length === 0) return null
  return (
    <section aria-label="On the bench" className="mt-4">
      <h3 className="font-semibold">On the bench</h3>
      <p className="text-muted text-sm">
        Move a switch or press a button below: the handheld says it. Values are the rehearsal’s, or what you type.
      </p>
      {values.map((one) => (
        <label key={one.id} className="mt-1 flex items-center gap-2 text-sm">
          <span className="min-w-0 flex-1 truncate text-muted" title={one.name}>
            {one.name}
          </span>
          <input
            type="number"
            step="any"
            aria-label={`${one.name} on the bench`}
            value={typed[one.id] ?? ''}
            placeholder="–"
            onChange={(event) => ear.type(one.id, event.target.value === '' ? null : Number(event.target.value))}
            className="figures h-9 w-24 rounded-lg border border-line bg-deep px-2 text-right max-md:h-11"
          />
          <span className="w-14 text-muted">{one.unit}</span>
        </label>
      ))}
    </section>
  )
}
