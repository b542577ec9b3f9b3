import { useState } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { Discovery, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Points } from '@/parts/Points'
import { Tick } from '@/parts/Tick'

/** Discovery on a simulated bus, with troubles to practise on. */
export function DiscoveryPanel({ document }: { document: Program }) {
  const [found, setFound] = useState<Discovery | null>(null)
  const [troubles, setTroubles] = useState<string[]>([])
  const [problem, setProblem] = useState<string | null>(null)
  const discover = (afresh: boolean, wrong = troubles) =>
    data(POST('/api/discovery', { body: { document, troubles: wrong, afresh } })).then(
      (answer) => {
        setFound(answer)
        setProblem(null)
      },
      (error) => setProblem(said(error)),
    )
  return (
    <section aria-label="Discovery" className="mt-4">
      <h2 className="font-semibold">Discovery</h2>
      <p className="text-muted text-sm">On a simulated bus. Simulate a fault and see how that looks.</p>
      <div className="mt-1 flex flex-wrap gap-2">
        <Button onClick={() => void discover(false)}>Find sensors</Button>
        {found && <Button onClick={() => void discover(true)}>Forget all and find again</Button>}
      </div>
      {problem && (
        <p role="alert" className="text-rose text-sm">
          ▲ {problem}
        </p>
      )}
      {found && (
        <>
          <Points points={found.points} />
          <ul aria-label="Lamps" className="mt-2 text-sm">
            {Object.entries(found.lamps).map(([id, lamp]) => (
              <li key={id} data-lamp-of={id}>
                <span className="figures">{id}</span>{' '}
                <span className="text-muted">
                  {lamp === 'off' ? 'lamp off' : `lamp blinks ${lamp === 'quick' ? 'quickly' : 'slowly'}`}
                </span>
              </li>
            ))}
          </ul>
          <table className="mt-2 w-full text-sm">
            <thead className="text-left text-muted">
              <tr>
                <th className="font-normal">Value</th>
                <th className="text-right font-normal">reads</th>
                <th className="text-right font-normal">every</th>
              </tr>
            </thead>
            <tbody>
              {found.found.map((one) => (
                <tr key={one.id} data-found={one.trouble ?? 'fine'} className={one.trouble ? 'text-sodium' : ''}>
                  <td>
                    {one.trouble && '▲ '}
                    {one.name}
                    {one.trouble && <span> {one.trouble}</span>}
                  </td>
                  <td className="figures text-right">{one.reads === null ? '–' : `${one.reads} ${one.unit}`}</td>
                  <td className="figures text-right text-muted">{one.refresh === null ? '–' : `${one.refresh} s`}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <details className="mt-2 text-sm">
            <summary className="cursor-pointer text-muted">Simulate a fault</summary>
            {found.troubles.map((one) => (
              <Tick
                key={one.id}
                says={one.says}
                on={troubles.includes(one.id)}
                onChange={(on) => {
                  const next = on ? [...troubles, one.id] : troubles.filter((other) => other !== one.id)
                  setTroubles(next)
                  void discover(false, next)
                }}
              />
            ))}
          </details>
        </>
      )}
    </section>
  )
}
