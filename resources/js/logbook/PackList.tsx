import { useState } from 'react'
import { keyHere } from '@/api/connection'
import { said } from '@/api/proposals'
import type { Packs } from '@/api/types'
import { usePackChange, usePacks } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { INPUT, Labelled } from '@/parts/Labelled'
import { useKept } from '@/parts/useKept'
import { today } from '@/parts/words'

type Pack = Packs['packs'][number]

const NOTHING = { label: '', cells: '3', capacity: '', plug: '', grams: '' }

/** The packs that the pilot owns: how they grew old, what they wait for, what they fit. */
export function PackList() {
  const { data, error } = usePacks()
  const { add } = usePackChange()
  const [form, setForm] = useKept('pack', NOTHING)
  if (error) return <p className="text-rose">▲ {said(error)}</p>
  if (!data) return <p className="text-muted">◌ Opening…</p>
  const field = (key: keyof typeof form, label: string, type = 'text', width = 'w-28') => (
    <Labelled label={label}>
      <input
        type={type}
        list={key === 'plug' ? 'plugs' : undefined}
        min={type === 'number' ? 0 : undefined}
        maxLength={40}
        value={form[key]}
        onChange={(event) => setForm({ ...form, [key]: event.target.value })}
        className={`${INPUT} ${width}`}
      />
    </Labelled>
  )
  return (
    <div className="mx-auto max-w-5xl">
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          add.mutate(
            {
              label: form.label.trim(),
              cells: Number(form.cells),
              capacity: Number(form.capacity),
              plug: form.plug.trim(),
              grams: form.grams === '' ? null : Number(form.grams),
            },
            { onSuccess: () => setForm({ ...NOTHING, plug: form.plug }) },
          )
        }}
      >
        {field('label', 'Label', 'text', 'w-40')}
        {field('cells', 'Cells in series', 'number')}
        {field('capacity', 'Capacity, mAh', 'number')}
        {field('plug', 'Plug')}
        {field('grams', 'Weight, g', 'number')}
        <datalist id="plugs">
          {data.plugs.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
        <Button
          type="submit"
          look="main"
          disabled={form.label.trim() === '' || form.capacity === '' || form.cells === '' || add.isPending}
        >
          Add a pack
        </Button>
      </form>
      {add.error && (
        <p role="alert" className="mt-1 text-rose">
          ▲ {said(add.error)}
        </p>
      )}
      <ul className="mt-3 grid gap-2">
        {data.packs.map((pack) => (
          <Row key={pack.id} pack={pack} />
        ))}
      </ul>
      {data.packs.length === 0 && (
        <p className="mt-6 text-center text-muted">
          Give every pack a label: then its flights, charges and resistance tell how it grows old.
        </p>
      )}
    </div>
  )
}

function Row({ pack }: { pack: Pack }) {
  const { act, change } = usePackChange()
  const [kind, setKind] = useState<'charge' | 'storage' | 'resistance'>('charge')
  const [amount, setAmount] = useKept(`pack/${keyHere(pack.id)}/amount`, '')
  const note = () => {
    const value = amount === '' ? null : Number(amount)
    act.mutate(
      { pack: pack.id, kind, on: today(), ...(kind === 'resistance' ? { milliohms: value } : { mah: value }) },
      { onSuccess: () => setAmount('') },
    )
  }
  return (
    <li
      data-pack={pack.label}
      className={`rounded-xl border border-line px-3 py-2 text-sm ${pack.retiredOn ? 'opacity-70' : 'bg-raised'}`}
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="font-semibold text-base">{pack.label}</h2>
        <span className="figures">
          {pack.cells} {pack.cells === 1 ? 'cell' : 'cells'}, {pack.capacity} mAh
          {pack.grams !== null && `, ${pack.grams} g`}
        </span>
        <span className="text-muted">{pack.plug}</span>
        <span className="flex-1" />
        {pack.retiredOn && <span className="text-muted">retired on {pack.retiredOn}</span>}
        {pack.wantsStorage && <span className="text-sodium">▲ charged for {pack.waits} days: store it</span>}
        {pack.mayWait !== null && (
          <span className="text-muted">○ charged after a flight {pack.mayWait} days ago: full, or to storage?</span>
        )}
        {pack.isWorn && <span className="text-rose">▲ its resistance has doubled</span>}
      </div>
      <p className="text-muted">
        {many(pack.flights, 'flight')}, {many(pack.cycles, 'charge')}, {pack.charged} mAh put back
        {pack.milliohms !== null && `; ${pack.milliohms} mΩ a cell`}
        {pack.growth !== null && `, ${pack.growth > 0 ? '+' : ''}${pack.growth} in a hundred days`}
        {pack.fits.length > 0 && `; the plug of ${pack.fits.join(', ')}`}
      </p>
      <Line pack={pack} />
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <div className="w-44">
          <Choice
            label={`What was done with ${pack.label}`}
            value={kind}
            options={[
              { id: 'charge', name: 'Charged, mAh' },
              { id: 'storage', name: 'Put to storage' },
              { id: 'resistance', name: 'Measured, mΩ a cell' },
            ]}
            onChange={(to) => setKind(to as typeof kind)}
          />
        </div>
        {kind !== 'storage' && (
          <input
            type="number"
            min={0}
            step="any"
            aria-label={`Amount for ${pack.label}`}
            value={amount}
            onChange={(event) => setAmount(event.target.value)}
            className={`${INPUT} w-24`}
          />
        )}
        <Button disabled={act.isPending || (kind === 'resistance' && amount === '')} onClick={note}>
          Note for today
        </Button>
        <span className="flex-1" />
        <Button
          look="bare"
          onClick={() => change.mutate({ pack: pack.id, retiredOn: pack.retiredOn === null ? today() : null })}
        >
          {pack.retiredOn === null ? 'Retire' : 'Use again'}
        </Button>
      </div>
      {act.error && (
        <p role="alert" className="text-rose">
          ▲ {said(act.error)}
        </p>
      )}
    </li>
  )
}

const many = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`

/** Its resistance over time. */
function Line({ pack }: { pack: Pack }) {
  const measured = pack.acts.flatMap((one) =>
    one.milliohms === null ? [] : [{ at: Date.parse(one.on), is: one.milliohms }],
  )
  if (measured.length < 2) return null
  const times = measured.map((one) => one.at)
  const [from, to] = [Math.min(...times), Math.max(...times)]
  const most = Math.max(...measured.map((one) => one.is))
  const points = measured.map(
    (one) => `${(((one.at - from) / (to - from || 1)) * 196 + 2).toFixed(1)},${(30 - (one.is / most) * 26).toFixed(1)}`,
  )
  return (
    <svg
      viewBox="0 0 200 32"
      role="img"
      aria-label={`Resistance of ${pack.label}: ${measured.map((one) => `${one.is} mΩ`).join(', ')}`}
      className="mt-1 h-8 w-50"
    >
      <polyline points={points.join(' ')} fill="none" className="stroke-teal" strokeWidth={1.5} />
    </svg>
  )
}
