import { Switch } from 'radix-ui'
import { hand } from '@/api/hand'
import type { Program, ProportionalFunction } from '@/api/types'
import { Field } from '@/parts/Field'
import { NumberField } from '@/parts/NumberField'
import { changeFunction } from '../edits'

/** How far a stick's trim goes, and whether the phases share it. */
export function TrimFields({ document, fn }: { document: Program; fn: ProportionalFunction }) {
  const { drive, trim } = fn
  if (!drive || !('axis' in drive)) return null
  const authority = trim?.authority ?? 0
  const put = (change: Partial<NonNullable<typeof trim>>) =>
    changeFunction(fn.id, { trim: { ...trim, authority, ...change } }, `${fn.name} trim`)
  return (
    <>
      <Field label="Trim at its end" htmlFor="fn-trim">
        <NumberField
          id="fn-trim"
          label="Trim at its end"
          value={authority}
          least={0}
          most={1}
          onChange={(to) => put({ authority: to })}
        />
      </Field>
      {authority > 0 && (document.phases ?? []).length > 1 && (
        <Field label="One per phase" htmlFor="fn-trim-phases">
          <Switch.Root
            id="fn-trim-phases"
            checked={trim?.perPhase ?? false}
            onCheckedChange={(perPhase) => {
              // What one phase was trimmed to means nothing to the others.
              hand.trim(drive.axis, 0)
              put({ perPhase })
            }}
            className="h-6 w-11 rounded-full border border-edge bg-deep p-0.5 data-[state=checked]:bg-ember"
          >
            <Switch.Thumb className="block size-4.5 rounded-full bg-ink transition-transform data-[state=checked]:translate-x-5" />
          </Switch.Root>
        </Field>
      )}
    </>
  )
}
