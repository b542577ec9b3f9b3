import { Trash2 } from 'lucide-react'
import { said } from '@/api/proposals'
import type { Aircraft, Upkeep } from '@/api/types'
import { useUpkeep, useUpkeepChange } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { INPUT, Labelled } from '@/parts/Labelled'
import { TypedBefore } from '@/parts/TypedBefore'
import { useKept } from '@/parts/useKept'
import { today } from '@/parts/words'
import { BalanceTable } from './BalanceTable'

const STATES = {
  due: ['▲ due', 'text-rose'],
  soon: ['○ soon', 'text-sodium'],
  fine: ['✓ fine', 'text-teal'],
  none: ['', ''],
  over: ['done again', 'text-muted'],
} as const

/** What was done with an aircraft and is due, and where it balances. */
export default function UpkeepView({ aircraft }: { aircraft: Aircraft }) {
  const { data, error } = useUpkeep(aircraft.id)
  if (error) return <p className="p-6 text-rose">▲ {said(error)}</p>
  if (!data) return <p className="p-6 text-muted">◌ Opening…</p>
  return (
    <div className="grid h-full content-start gap-6 overflow-auto px-4 py-3 xl:grid-cols-[1fr_30rem]">
      <Work aircraft={aircraft} upkeep={data} />
      <BalanceTable aircraft={aircraft} balance={data.balance} />
    </div>
  )
}

const NOTHING = { part: '', did: '', everyFlights: '', everyMonths: '', gramsBefore: '', gramsAfter: '' }

function Work({ aircraft, upkeep }: { aircraft: Aircraft; upkeep: Upkeep }) {
  const [form, setForm, isBack] = useKept(`work/${aircraft.uuid}`, { ...NOTHING, on: today() }, '')
  const { add, remove } = useUpkeepChange(aircraft.id)
  const number = (text: string) => (text === '' ? null : Number(text))
  const field = (key: keyof typeof form, label: string, type: string, wide = '') => (
    <Labelled label={label} wide={wide}>
      <input
        type={type}
        min={type === 'number' ? 0 : undefined}
        maxLength={type === 'text' ? 60 : undefined}
        value={form[key]}
        onChange={(event) => setForm({ ...form, [key]: event.target.value })}
        className={INPUT}
      />
    </Labelled>
  )
  return (
    <section aria-label="Work">
      <h3 className="font-semibold text-lg">Work</h3>
      {isBack && <TypedBefore onAfresh={() => setForm({ ...NOTHING, on: today() })} />}
      <form
        className="mt-1 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate(
            {
              part: form.part.trim(),
              did: form.did.trim(),
              on: form.on,
              everyFlights: number(form.everyFlights),
              everyMonths: number(form.everyMonths),
              gramsBefore: number(form.gramsBefore),
              gramsAfter: number(form.gramsAfter),
            },
            { onSuccess: () => setForm({ ...NOTHING, on: today() }) },
          )
        }}
      >
        {field('part', 'Part', 'text', 'w-40')}
        {field('did', 'What was done', 'text', 'min-w-44 flex-1')}
        {field('on', 'On', 'date', 'w-38')}
        {field('everyFlights', 'Again after flights', 'number', 'w-34')}
        {field('everyMonths', 'or months', 'number', 'w-24')}
        {field('gramsBefore', 'g before', 'number', 'w-24')}
        {field('gramsAfter', 'g after', 'number', 'w-24')}
        <Button type="submit" look="main" disabled={form.part.trim() === '' || form.did.trim() === '' || add.isPending}>
          Add
        </Button>
      </form>
      {add.error && (
        <p role="alert" className="mt-1 text-rose text-sm">
          ▲ {said(add.error)}
        </p>
      )}
      <ul className="mt-3 grid gap-1">
        {upkeep.work.map((one) => {
          const [says, tone] = STATES[one.state]
          return (
            <li
              key={one.id}
              data-work={one.state}
              className="flex flex-wrap items-center gap-x-3 rounded-lg border border-line bg-raised px-3 py-1 text-sm"
            >
              <span className="figures text-muted">{one.on}</span>
              <span className="font-semibold">{one.part}</span>
              <span>{one.did}</span>
              {one.note && <span className="text-muted">{one.note}</span>}
              {one.gramsBefore !== null && one.gramsAfter !== null && (
                <span className="figures text-muted">
                  {one.gramsBefore} → {one.gramsAfter} g
                </span>
              )}
              <span className="flex-1" />
              <span className={tone}>{[says, left(one)].filter(Boolean).join(', ')}</span>
              <Button look="bare" aria-label={`Remove ${one.part}: ${one.did}`} onClick={() => remove.mutate(one.id)}>
                <Trash2 size={15} aria-hidden />
              </Button>
            </li>
          )
        })}
      </ul>
      {upkeep.work.length === 0 && (
        <p className="mt-3 text-muted text-sm">Nothing noted yet: propellers, servos, linkages, batteries of gauges…</p>
      )}
    </section>
  )
}

function left({ state, flightsLeft, daysLeft, flightsSince }: Upkeep['work'][number]): string {
  if (state === 'over') return ''
  const parts = [
    flightsLeft === null ? '' : flightsLeft > 0 ? `${flightsLeft} flights left` : `${flightsSince} flights since`,
    daysLeft === null ? '' : daysLeft > 0 ? `${daysLeft} days left` : `${-daysLeft} days over`,
  ].filter(Boolean)
  return parts.length > 0 ? parts.join(', ') : `${flightsSince} flights since`
}
