import { Plus, Trash2 } from 'lucide-react'
import { said } from '@/api/proposals'
import type { Aircraft, Upkeep } from '@/api/types'
import { useUpkeepChange } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { INPUT } from '@/parts/Labelled'
import { useKept } from '@/parts/useKept'

type Balance = Upkeep['balance']
type Row = { key: number; name: string; mass: string; arm: string }

/** What weighs where, and where it balances: in grams, and millimetres behind a point in front. */
export function BalanceTable({ aircraft, balance }: { aircraft: Aircraft; balance: Balance }) {
  const [rows, setRows] = useKept<Row[]>(
    `balance/${aircraft.uuid}/items`,
    balance.items.map((one, key) => ({ key, name: one.name, mass: String(one.mass), arm: String(one.arm) })),
  )
  const [mark, setMark] = useKept(`balance/${aircraft.uuid}/mark`, balance.mark === null ? '' : String(balance.mark))
  const [within, setWithin] = useKept(
    `balance/${aircraft.uuid}/within`,
    balance.within === null ? '' : String(balance.within),
  )
  const { balance: keep } = useUpkeepChange(aircraft.id)
  const save = (next: Row[], at = mark) => {
    const whole = next.filter((one) => one.name.trim() !== '' && one.mass !== '' && one.arm !== '')
    keep.mutate({
      mark: at === '' ? null : Number(at),
      within: within === '' ? null : Number(within),
      items: whole.map((one) => ({ name: one.name.trim(), mass: Number(one.mass), arm: Number(one.arm) })),
    })
  }
  const put = (key: number, change: Partial<Row>) =>
    setRows(rows.map((one) => (one.key === key ? { ...one, ...change } : one)))
  return (
    <section aria-label="Weight and balance">
      <h3 className="font-semibold text-lg">Weight and balance</h3>
      <p className="text-muted text-sm">Arms are measured backwards, from the leading edge or any point in front.</p>
      <table className="mt-2 w-full text-sm">
        <thead>
          <tr className="text-left text-muted">
            <th className="font-normal">What</th>
            <th className="w-20 font-normal">g</th>
            <th className="w-20 font-normal">mm</th>
            <th className="font-normal">Moved alone</th>
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const is = balance.items.find((one) => one.name === row.name.trim())
            const cell = (part: 'name' | 'mass' | 'arm', label: string) => (
              <input
                aria-label={`${label} of ${row.name || 'the new item'}`}
                type={part === 'name' ? 'text' : 'number'}
                step="any"
                maxLength={60}
                value={row[part]}
                onChange={(event) => put(row.key, { [part]: event.target.value })}
                onBlur={() => save(rows)}
                className={`${INPUT} w-full`}
              />
            )
            return (
              <tr key={row.key} data-item={row.name}>
                <td className="py-0.5 pr-1">{cell('name', 'Name')}</td>
                <td className="pr-1">{cell('mass', 'Mass')}</td>
                <td className="pr-1">{cell('arm', 'Arm')}</td>
                <td className="figures whitespace-nowrap text-muted">
                  {is?.move == null ? '' : `${Math.abs(is.move)} mm ${is.move > 0 ? 'back' : 'forward'}`}
                </td>
                <td>
                  <Button
                    look="bare"
                    aria-label={`Remove ${row.name || 'the new item'}`}
                    onClick={() => {
                      const next = rows.filter((one) => one.key !== row.key)
                      setRows(next)
                      save(next)
                    }}
                  >
                    <Trash2 size={15} aria-hidden />
                  </Button>
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <div className="mt-1 flex flex-wrap items-center gap-3 text-sm">
        <Button
          onClick={() =>
            setRows([...rows, { key: Math.max(-1, ...rows.map((one) => one.key)) + 1, name: '', mass: '', arm: '' }])
          }
        >
          <Plus size={15} aria-hidden /> Add an item
        </Button>
        <label className="flex items-center gap-2 whitespace-nowrap text-muted">
          Mark, mm
          <input
            type="number"
            step="any"
            value={mark}
            onChange={(event) => setMark(event.target.value)}
            onBlur={() => save(rows)}
            className={`${INPUT} w-24`}
          />
        </label>
        <label className="flex items-center gap-2 whitespace-nowrap text-muted">
          Near enough within ±
          <input
            type="number"
            step="any"
            min={0}
            value={within}
            onChange={(event) => setWithin(event.target.value)}
            onBlur={() => save(rows)}
            className={`${INPUT} w-20`}
          />
          mm
        </label>
      </div>
      {keep.error && (
        <p role="alert" className="mt-1 text-rose text-sm">
          ▲ {said(keep.error)}
        </p>
      )}
      {balance.mass !== null && (
        <p data-balance className="mt-3">
          <span className="figures">{balance.mass} g</span>, balances at{' '}
          <span className="figures">{balance.arm} mm</span>
          {balance.behind !== null && <Off behind={balance.behind} isOn={balance.isOn} />}
        </p>
      )}
      <ul className="mt-1 text-muted text-sm">
        {balance.items
          .filter((one) => one.ballast !== null && one.ballast > 0)
          .map((one) => (
            <li key={one.name}>
              or {one.ballast} g of ballast where {one.name} is
            </li>
          ))}
      </ul>
    </section>
  )
}

/** How far from its mark; whether that is near enough only where the pilot said what is. */
function Off({ behind, isOn }: { behind: number; isOn: boolean | null }) {
  const where =
    behind === 0 ? 'at its mark' : `${Math.abs(behind)} mm ${behind > 0 ? 'behind' : 'in front of'} its mark`
  if (isOn === null) return <span className="text-muted">, {where}; say how near is near enough</span>
  return <span className={isOn ? 'text-teal' : 'text-sodium'}>{`, ${isOn ? '✓' : '▲'} ${where}`}</span>
}
