import { Check, Printer } from 'lucide-react'
import { Checkbox } from 'radix-ui'
import { useState } from 'react'
import { Link } from 'react-router'
import { said } from '@/api/proposals'
import { useCheck, useChecklists } from '@/api/queries'
import type { Aircraft, Checklists } from '@/api/types'
import { Button } from '@/parts/Button'
import { useKeptTicks } from '@/parts/keptTicks'
import { Segments } from '@/parts/Segments'
import { clock, day } from '@/parts/words'
import { Reservations } from './Reservations'

/** Checklists made from this program, with big targets for a phone in the sun. */
export function ChecklistsView({ aircraft: { id, revision } }: { aircraft: Aircraft }) {
  const { data, error } = useChecklists(id, revision)
  const [chosen, setChosen] = useState('each-flight')
  const list = data?.lists.find((one) => one.id === chosen) ?? data?.lists[0]
  if (error) return <p className="p-6 text-rose">▲ {error.message}</p>
  if (!data || !list) return <p className="p-6 text-muted">◌ Writing the checklists…</p>
  return (
    <div className="mx-auto flex h-full max-w-3xl flex-col overflow-auto px-4 py-3">
      <div className="flex items-start gap-2 print:hidden">
        <div className="min-w-0 flex-1">
          <Segments
            label="Checklist"
            tall
            value={list.id}
            options={data.lists.map((one) => ({ id: one.id, name: one.title }))}
            onChange={setChosen}
          />
        </div>
        <Button look="bare" className="max-md:hidden" onClick={() => window.print()}>
          <Printer size={16} aria-hidden /> Print
        </Button>
      </div>
      <h3 className="hidden font-semibold print:block">{list.title}</h3>
      <List key={`${list.id} ${revision}`} id={id} revision={revision} list={list} reservations={data.reservations} />
    </div>
  )
}

/** When a list was gone through, and whether that still holds. */
function saysOf({ at, revision, holds, reason }: Checklists['lists'][number]['done'][number]) {
  const since = holds ? '' : '; the program has changed since'
  const why = reason ? ` (“${reason}”)` : ''
  return `Last gone through on ${day(at)}, ${clock(at)}, with revision ${revision}${since}${why}`
}

type ListProps = {
  id: number
  revision: number
  list: Checklists['lists'][number]
  reservations: Checklists['reservations']
}

function List({ id, revision, list, reservations }: ListProps) {
  const { ticked, tick, clear } = useKeptTicks(id, revision, list.id)
  const check = useCheck(id, revision)
  const done = list.items.filter((item) => ticked.has(item))
  const [last] = list.done
  return (
    <>
      <p className="mt-2 text-muted text-sm" data-last>
        {last ? `${saysOf(last)}.` : 'Not gone through yet.'}
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
      {list.open.length > 0 && (
        <div data-blocked className="mt-3 rounded-xl border border-sodium px-3 py-2">
          <p className="text-sodium">
            ▲ Not ready: {list.open.length === 1 ? 'one thing is' : `${list.open.length} things are`} left to do first.
          </p>
          <ul className="text-sm">
            {list.open.map((one) => (
              <li key={one.id} className="mt-1">
                <Link
                  to={`/aircraft/${id}/${one.place}`}
                  className="underline max-md:inline-flex max-md:min-h-11 max-md:items-center"
                >
                  {one.title}
                </Link>
                : <span className="text-muted">{one.says}</span>
              </li>
            ))}
          </ul>
          <Link
            to={`/aircraft/${id}/fly/ready`}
            className="mt-2 inline-flex items-center text-sodium text-sm underline max-md:min-h-11"
          >
            Before you fly
          </Link>
        </div>
      )}
      <Reservations all={reservations} />
      {check.error && (
        <p role="alert" className="mt-2 text-rose">
          ▲ {said(check.error)}
        </p>
      )}
      <div className="mt-3 flex items-center justify-between gap-3 pb-4">
        <p className="figures text-sm">
          {done.length} of {list.items.length}
        </p>
        <span className="flex-1" />
        <Button look="bare" className="print:hidden" disabled={ticked.size === 0} onClick={clear}>
          Clear the ticks
        </Button>
        <Button
          look="main"
          className="min-h-12 px-6 text-base print:hidden"
          disabled={done.length < list.items.length || check.isPending || list.open.length > 0}
          onClick={() => check.mutate({ list: list.id, items: done }, { onSuccess: clear })}
        >
          {list.id === 'each-flight' ? 'Ready' : 'Done'}
        </Button>
      </div>
    </>
  )
}
