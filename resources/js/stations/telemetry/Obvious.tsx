import { Plus } from 'lucide-react'
import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { changeSense } from './edits'

type One = SenseLook['obvious'][number]

/** What is worth calculating and isn't yet: each with one press, or all at once. */
export function Obvious({ title, obvious }: { title: string; obvious: One[] }) {
  if (obvious.length === 0) return null
  const add = (some: One[], note: string) =>
    changeSense((now) => {
      const [values, calls] = [[...(now.values ?? [])], [...(now.calls ?? [])]]
      for (const one of some) {
        values.push(...one.values.filter((value) => !values.some((other) => other.id === value.id)))
        calls.push(...one.calls.filter((call) => !calls.some((other) => other.id === call.id)))
      }
      return { ...now, values, calls }
    }, note)
  return (
    <section aria-label={title} className="mt-2">
      <h3 className="text-muted text-sm">{title}</h3>
      <div className="mt-1 flex flex-wrap gap-2">
        {obvious.map((one) => (
          <Button key={one.id} data-obvious={one.id} onClick={() => add([one], `${one.name} added`)}>
            <Plus size={15} aria-hidden /> {one.name}
          </Button>
        ))}
        {obvious.length > 1 && (
          <Button look="bare" onClick={() => add(obvious, `${obvious.length} values added`)}>
            Add all {obvious.length}
          </Button>
        )}
      </div>
    </section>
  )
}
