import { Plus, Trash2 } from 'lucide-react'
import { said } from '@/api/proposals'
import type { VideoPilot } from '@/api/types'
import { useFriends, useVideoPlan } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { INPUT, Labelled } from '@/parts/Labelled'
import { useKept } from '@/parts/useKept'

type Row = { key: number; name: string; channels: string; powers: string }

const NOBODY: Omit<Row, 'key'> = { name: '', channels: '', powers: '25 200' }
const TWO: Row[] = [
  { key: 0, ...NOBODY },
  { key: 1, ...NOBODY },
]

/** "Band 3: 5735, 5770" is two channels; a name before a number is the pilot's own. */
function channelsOf(text: string): VideoPilot['channels'] {
  return text
    .split(/[,;\n]+/)
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => {
      const number = one.match(/([\d.]+)\s*(?:MHz)?$/i)?.[1] ?? ''
      return { name: one.slice(0, one.lastIndexOf(number)).trim().slice(0, 20), megahertz: Number(number) }
    })
}

const textOf = (pilot: VideoPilot) =>
  pilot.channels.map((one) => [one.name, one.megahertz].filter(Boolean).join(' ')).join(', ')

/** A video channel for each friend, as far from the others as can be. */
export function Friends() {
  const { data, error } = useFriends()
  const known = data?.pilots.map((one, key) => ({
    key,
    name: one.name,
    channels: textOf(one),
    powers: (one.powers ?? []).join(' '),
  }))
  // What is typed is kept until a plan was made of it: the plan's pilots are remembered by the server.
  const [rows, setRows] = useKept<Row[]>(known ? 'friends' : 'friends/unknown', known?.length ? known : TWO)
  const [allowed, setAllowed] = useKept('friends-power', '200')
  const plan = useVideoPlan()
  const put = (key: number, change: Partial<Row>) =>
    setRows(rows.map((one) => (one.key === key ? { ...one, ...change } : one)))
  const choose = () =>
    plan.mutate({
      allowed: Number(allowed),
      pilots: rows.map((one) => ({
        name: one.name.trim() || `Pilot ${one.key + 1}`,
        channels: channelsOf(one.channels),
        powers: one.powers
          .split(/[\s,;]+/)
          .filter(Boolean)
          .map(Number),
      })),
    })
  const found = plan.data
  if (error) return <p className="text-rose">▲ {said(error)}</p>
  if (!data) return <p className="text-muted">◌ Opening…</p>
  return (
    <div className="mx-auto max-w-4xl">
      <p className="text-muted text-sm">
        Each transmitter’s channels in MHz, as “5740, 5800” or with your own names, as “low 5740”. Agree before anybody
        powers up; power by the rules of the place.
      </p>
      <ol className="mt-2 grid gap-2">
        {rows.map((row, index) => (
          <li key={row.key} className="grid items-end gap-2 sm:grid-cols-[10rem_1fr_9rem_auto]">
            <Labelled label="Pilot">
              <input
                value={row.name}
                maxLength={40}
                placeholder={`Pilot ${index + 1}`}
                onChange={(event) => put(row.key, { name: event.target.value })}
                className={INPUT}
              />
            </Labelled>
            <Labelled label="Channels, MHz">
              <input
                value={row.channels}
                onChange={(event) => put(row.key, { channels: event.target.value })}
                className={INPUT}
              />
            </Labelled>
            <Labelled label="Powers, mW">
              <input
                value={row.powers}
                onChange={(event) => put(row.key, { powers: event.target.value })}
                className={INPUT}
              />
            </Labelled>
            <Button
              look="bare"
              aria-label={`Remove pilot ${index + 1}`}
              onClick={() => setRows(rows.filter((one) => one.key !== row.key))}
            >
              <Trash2 size={15} aria-hidden />
            </Button>
          </li>
        ))}
      </ol>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Button onClick={() => setRows([...rows, { key: Math.max(-1, ...rows.map((one) => one.key)) + 1, ...NOBODY }])}>
          <Plus size={15} aria-hidden /> Add a pilot
        </Button>
        <Labelled label="Allowed here, mW">
          <input
            type="number"
            min={1}
            value={allowed}
            onChange={(event) => setAllowed(event.target.value)}
            className={`${INPUT} w-32`}
          />
        </Labelled>
        <Button look="main" disabled={rows.length === 0 || plan.isPending} onClick={choose}>
          Choose channels
        </Button>
      </div>
      {plan.error && (
        <p role="alert" className="mt-2 text-rose">
          ▲ {said(plan.error)}
        </p>
      )}
      {found && (
        <section aria-label="Channels" data-plan className="mt-4">
          <ul className="grid gap-2 sm:grid-cols-2">
            {keyed(found.pilots, (one) => one.name).map(({ key, item: one }) => (
              <li key={key} className="flex items-baseline gap-3 rounded-xl border border-line bg-raised px-3 py-2">
                <span className="min-w-0 flex-1 truncate font-semibold">{one.name}</span>
                <span className="text-muted">{one.channel}</span>
                <span className="figures text-lg">{one.megahertz} MHz</span>
                {one.milliwatts !== null && (
                  <span className={`figures ${one.isTooMuch ? 'text-rose' : 'text-muted'}`}>
                    {one.isTooMuch && '▲ '}
                    {one.milliwatts} mW
                  </span>
                )}
              </li>
            ))}
          </ul>
          <p className="mt-2 text-sm">
            {found.apart !== null && `The nearest two are ${found.apart} MHz apart. `}
            {found.products.length === 0 ? (
              <span className="text-teal">✓ No mixing product falls within {found.near} MHz of anybody.</span>
            ) : (
              <span className="text-sodium">
                ▲ Mixing products near a channel: {found.products.length}. It can’t be better with these channels
                {found.isBest ? '' : ', as far as was looked'}.
              </span>
            )}
          </p>
          <ul className="text-muted text-sm">
            {found.products.slice(0, 6).map((one) => (
              <li key={`${one.of.join()} ${one.disturbs} ${one.product}`}>
                {one.of.map((at) => found.pilots[at]?.name).join(' and ')} make {one.product} MHz, {one.off} MHz from{' '}
                {found.pilots[one.disturbs]?.name}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
