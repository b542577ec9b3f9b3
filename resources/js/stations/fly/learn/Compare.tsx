import { useState } from 'react'
import { useLogbook } from '@/api/logbook'
import { said } from '@/api/proposals'
import type { Aircraft } from '@/api/types'
import { useCompared } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { when } from '@/recording/clock'

const SIDES = [
  { id: 'none', name: '—' },
  { id: 'before', name: 'Before' },
  { id: 'after', name: 'After' },
]

/** Two groups of flights: what a lighter frame or another propeller changed. */
export function Compare({ aircraft }: { aircraft: Aircraft }) {
  const flights = useLogbook(aircraft.id).data?.flights ?? []
  const [sides, setSides] = useState<Record<number, string>>({})
  const compared = useCompared()
  const on = (side: string) => flights.filter((one) => sides[one.id] === side).map((one) => one.id)
  const [before, after] = [on('before'), on('after')]
  if (flights.length < 2) return null
  return (
    <section aria-label="Before and after">
      <h3 className="font-semibold text-lg">Before and after a change</h3>
      <div className="mt-1 grid gap-4 lg:grid-cols-2">
        <div>
          <ul className="max-h-64 overflow-auto rounded-lg border border-line">
            {flights.map((one) => (
              <li key={one.id} className="flex items-center gap-3 border-line border-b px-2 py-0.5 text-sm">
                <span className="min-w-0 flex-1 truncate" title={one.note}>
                  {when(one)} {one.note && <span className="text-muted">{one.note}</span>}
                </span>
                <span className="w-28">
                  <Choice
                    label={`Side of ${when(one)}`}
                    value={sides[one.id] ?? 'none'}
                    options={SIDES}
                    onChange={(to) => setSides({ ...sides, [one.id]: to })}
                  />
                </span>
              </li>
            ))}
          </ul>
          <Button
            className="mt-2"
            disabled={before.length === 0 || after.length === 0 || compared.isPending}
            onClick={() => compared.mutate({ before, after })}
          >
            Compare {before.length} with {after.length}
          </Button>
          {compared.error && (
            <p role="alert" className="text-rose text-sm">
              ▲ {said(compared.error)}
            </p>
          )}
        </div>
        {compared.data && (
          <table className="self-start text-sm">
            <thead>
              <tr className="border-line border-b text-left text-muted">
                <th className="font-normal">What</th>
                <th className="text-right font-normal">Before</th>
                <th className="text-right font-normal">After</th>
                <th className="pl-3 font-normal">Does it differ?</th>
              </tr>
            </thead>
            <tbody>
              {compared.data.rows.map((row) => (
                <tr key={row.id} data-compared={row.id} className="border-line border-b align-top">
                  <td className="py-1 pr-2">
                    {row.name} <span className="text-muted">{row.unit}</span>
                  </td>
                  <td className="figures text-right">{row.before}</td>
                  <td className="figures text-right">{row.after}</td>
                  <td className={`pl-3 ${row.isReal ? 'text-teal' : 'text-muted'}`}>
                    {row.isReal ? '✓ ' : row.isReal === null ? '◌ ' : ''}
                    {row.says}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
    </section>
  )
}
