import { Check } from 'lucide-react'
import { Checkbox } from 'radix-ui'
import { useState } from 'react'
import { said } from '@/api/proposals'
import { useCheck, useChecklists } from '@/api/queries'
import type { Checklists } from '@/api/types'
import { useWorkbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Segments } from '@/parts/Segments'
import { clock, day } from '@/parts/words'

/** Checklists made from this program, with big targets for a phone in the sun. Flights and logs come later. */
export default function Fly() {
  const { aircraft } = useWorkbench()
  if (!aircraft) return null
  return <Lists key={aircraft.id} id={aircraft.id} revision={aircraft.revision} />
}

function Lists({ id, revision }: { id: number; revision: number }) {
  const { data, error } = useChecklists(id, revision)
  const [chosen, setChosen] = useState('each-flight')
  const list = data?.lists.find((one) => one.id === chosen) ?? data?.lists[0]
  if (error) return <p className="p-6 text-rose">▲ {error.message}</p>
  if (!data || !list) return <p className="p-6 text-muted">◌ Writing the checklists…</p>
  return (
    <div className="mx-auto flex h-full max-w-3xl flex-col overflow-auto px-4 py-3">
      <Segments
        label="Checklist"
        tall
        value={list.id}
        options={data.lists.map((one) => ({ id: one.id, name: one.title }))}
        onChange={setChosen}
      />
      <List key={list.id} id={id} revision={revision} list={list} errors={data.errors} />
    </div>
  )
}

type ListProps = { id: number; revision: number; list: Checklists['lists'][number]; errors: string[] }

function List({ id, revision, list, errors }: ListProps) {
  const [ticked, setTicked] = useState<Set<string>>(new Set())
  const [reason, setReason] = useState('')
  const check = useCheck(id, revision)
  const all = list.items.every((item) => ticked.has(item))
  const tick = (item: string) =>
    setTicked((before) => {
      const next = new Set(before)
      if (!next.delete(item)) next.add(item)
      return next
    })
  const [last] = list.done
  return (
    <>
      <p className="mt-2 text-muted text-sm" data-last>
        {last
          ? `Last gone through on ${day(last.at)}, ${clock(last.at)}, with revision ${last.revision}${last.holds ? '' : '; the program has changed since'}${last.reason ? ` (“${last.reason}”)` : ''}.`
          : 'Not gone through yet.'}
      </p>
      <ol aria-label={list.title} className="mt-2 grid gap-1.5">
        {list.items.map((item, index) => (
          <li key={item}>
            <label
              htmlFor={`item-${index}`}
              className={`flex min-h-12 cursor-pointer items-center gap-3 rounded-xl border bg-raised px-3 py-2 ${ticked.has(item) ? 'border-teal' : 'border-line'}`}
            >
              <Checkbox.Root
                id={`item-${index}`}
                checked={ticked.has(item)}
                onCheckedChange={() => tick(item)}
                className="flex size-7 shrink-0 items-center justify-center rounded-lg border border-edge bg-deep data-[state=checked]:bg-teal data-[state=checked]:text-deep"
              >
                <Checkbox.Indicator>
                  <Check size={20} aria-hidden />
                </Checkbox.Indicator>
              </Checkbox.Root>
              <span className={ticked.has(item) ? 'text-muted' : ''}>{item}</span>
            </label>
          </li>
        ))}
      </ol>
      {errors.length > 0 && (
        <div data-blocked className="mt-3 rounded-xl border border-rose px-3 py-2">
          <p className="text-rose">
            ▲ Not ready: {errors.length === 1 ? 'one thing stands' : `${errors.length} things stand`} in the way.
          </p>
          <ul className="text-sm">
            {errors.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
          <label htmlFor="check-reason" className="mt-2 block text-muted text-sm">
            Go on all the same? Say why.
          </label>
          <input
            id="check-reason"
            value={reason}
            maxLength={300}
            onChange={(event) => setReason(event.target.value)}
            className="h-11 w-full rounded-lg border border-line bg-deep px-2.5"
          />
        </div>
      )}
      {check.error && (
        <p role="alert" className="mt-2 text-rose">
          ▲ {said(check.error)}
        </p>
      )}
      <div className="mt-3 flex items-center justify-between gap-3 pb-4">
        <p className="figures text-sm">
          {ticked.size} of {list.items.length}
        </p>
        <Button
          look="main"
          className="min-h-12 px-6 text-base"
          disabled={!all || check.isPending || (errors.length > 0 && reason.trim() === '')}
          onClick={() =>
            check.mutate(
              { list: list.id, items: [...ticked], ...(reason.trim() ? { reason: reason.trim() } : {}) },
              { onSuccess: () => setTicked(new Set()) },
            )
          }
        >
          Ready
        </Button>
      </div>
    </>
  )
}
