import { ArrowRight } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { said } from '@/api/proposals'
import { useReadiness, useSetAside } from '@/api/queries'
import type { Aircraft, Readiness } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { STATES } from '@/parts/states'
import { forgetTyped, useKept } from '@/parts/useKept'
import { clock, day } from '@/parts/words'
import { Reservations } from './Reservations'

type Item = Readiness['items'][number]

/** Large for a thumb, small beside a mouse. */
const TARGET = 'min-h-11 md:min-h-8'

/** What is left to do before this aircraft flies, each with the way to its place. */
export function ReadyView({ aircraft }: { aircraft: Aircraft }) {
  const { data, error } = useReadiness(aircraft.id, aircraft.revision)
  const [asking, setAsking] = useState<Item | null>(null)
  if (error && !data) return <p className="p-6 text-rose">▲ {error.message}</p>
  if (!data) return <p className="p-6 text-muted">◌ Looking through everything…</p>
  return (
    <div className="mx-auto h-full max-w-5xl overflow-auto px-4 py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 data-ready={data.ready} className={`font-semibold text-xl ${data.ready ? 'text-teal' : ''}`}>
          {data.ready ? '✓ Ready to fly' : `${data.settled} of ${data.all} done`}
        </h2>
        <p className="min-w-60 flex-1 text-muted text-sm">Local rules and your club’s rules come first.</p>
        {data.next && (
          <Link
            to={`/aircraft/${aircraft.id}/${data.next.place}`}
            data-next={data.next.id}
            className="inline-flex min-h-11 items-center gap-2 rounded-lg bg-ember px-4 font-semibold text-deep"
          >
            {data.next.action} <ArrowRight size={18} aria-hidden />
          </Link>
        )}
      </div>
      <Reservations all={data.reservations} />
      <ol aria-label="Before you fly" className="mt-2 grid gap-1 pb-4">
        {data.items.map((item) => (
          <Row key={item.id} item={item} aircraft={aircraft} ask={() => setAsking(item)} />
        ))}
      </ol>
      {asking && <Aside aircraft={aircraft} item={asking} onClose={() => setAsking(null)} />}
    </div>
  )
}

function Row({ item, aircraft, ask }: { item: Item; aircraft: Aircraft; ask: () => void }) {
  const [shape, tone] = STATES[item.state]
  const setAside = useSetAside(aircraft.id, aircraft.revision)
  const open = item.state === 'open' || item.state === 'changed'
  return (
    <li
      data-item={item.id}
      data-state={item.state}
      className={`grid grid-cols-[1fr_auto] items-center gap-x-3 rounded-xl border px-3 py-1 md:grid-cols-[6rem_1fr_auto] md:py-0 ${open ? 'border-edge bg-raised' : 'border-line'}`}
    >
      <span className={`col-span-2 text-sm md:col-span-1 ${tone}`}>
        <span aria-hidden>{shape}</span> {item.state}
      </span>
      <div className="min-w-0 md:py-1">
        <h3 className="font-semibold md:inline md:pr-3">{item.title}</h3>
        <p className={`text-sm md:inline ${open ? '' : 'text-muted'}`}>
          {item.says}
          {item.reason !== null && <span className="text-sodium"> “{item.reason}”</span>}
          {item.at !== null && item.state === 'done' && ` ${day(item.at)}, ${clock(item.at)}`}
        </p>
        {open && <p className="text-muted text-sm">{item.why}</p>}
      </div>
      <div className="flex flex-col-reverse items-stretch md:flex-row md:items-center">
        {open && item.canBeSetAside && (
          <Button look="bare" className={TARGET} aria-label={`${item.title}: doesn’t apply`} onClick={ask}>
            Doesn’t apply…
          </Button>
        )}
        {item.state === 'set aside' && (
          <Button
            look="bare"
            className={TARGET}
            aria-label={`It applies again: ${item.title}`}
            onClick={() => setAside.mutate({ item: item.id })}
          >
            It applies
          </Button>
        )}
        {item.state !== 'not needed' && (
          <Link
            to={`/aircraft/${aircraft.id}/${item.place}`}
            aria-label={`${open ? 'Go to' : 'Look at'} ${item.title}`}
            className={`inline-flex items-center justify-center rounded-lg px-3 hover:underline ${TARGET} ${open ? 'border border-line text-sodium hover:border-edge' : 'text-muted'}`}
          >
            {open ? 'Go' : 'Look'} <ArrowRight size={16} aria-hidden className="ml-1" />
          </Link>
        )}
      </div>
    </li>
  )
}

function Aside({ aircraft, item, onClose }: { aircraft: Aircraft; item: Item; onClose: () => void }) {
  const form = `aside/${aircraft.uuid}/${item.id}`
  const [reason, setReason] = useKept(form, '')
  const setAside = useSetAside(aircraft.id, aircraft.revision)
  return (
    <Dialog open title={`${item.title}: doesn’t apply`} onClose={onClose}>
      <p className="text-muted text-sm">
        {item.why} Your reason is shown wherever this aircraft is called ready, for as long as it has this equipment.
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          setAside.mutate(
            { item: item.id, reason: reason.trim() },
            {
              onSuccess: () => {
                forgetTyped(form)
                onClose()
              },
            },
          )
        }}
      >
        <label htmlFor="aside-reason" className="mt-3 block text-sm">
          Why doesn’t it apply?
        </label>
        <input
          id="aside-reason"
          value={reason}
          maxLength={300}
          onChange={(event) => setReason(event.target.value)}
          className="h-11 w-full rounded-lg border border-line bg-deep px-2.5"
        />
        {setAside.error && (
          <p role="alert" className="mt-2 text-rose">
            ▲ {said(setAside.error)}
          </p>
        )}
        <Button
          type="submit"
          look="main"
          className="mt-3 min-h-11"
          disabled={reason.trim() === '' || setAside.isPending}
        >
          Set aside
        </Button>
      </form>
    </Dialog>
  )
}
