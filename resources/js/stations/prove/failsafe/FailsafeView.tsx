import { useState } from 'react'
import { useProof } from '@/api/proof'
import { edit, propose } from '@/api/proposals'
import type { Aboard } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { changeAboard } from '../aboard'
import type { View } from '../views'
import { useLinkLoss } from './useLinkLoss'

type Does = NonNullable<Aboard['failsafe']>[number]['does']

const KINDS = [
  { id: 'pulse', name: 'gives a pulse' },
  { id: 'off', name: 'gives no pulses' },
  { id: 'hold', name: 'keeps the last' },
]

const put = (channel: number, does: Does) =>
  changeAboard(
    (aboard) => ({
      ...aboard,
      failsafe: [...(aboard.failsafe ?? []).filter((one) => one.channel !== channel), { channel, does }].sort(
        (a, b) => a.channel - b.channel,
      ),
    }),
    `Failsafe of channel ${channel}`,
  )

/** What the receiver does with each channel when the link is lost. */
export function FailsafeView({ aircraft, document }: View) {
  const { proof } = useProof()
  const [problem, setProblem] = useState<string | null>(null)
  const { off, toggle, loss } = useLinkLoss(document)
  const set = new Map((document.aboard?.failsafe ?? []).map((one) => [one.channel, one.does]))
  const safe = () =>
    void edit(propose.failsafe, 'A safe failsafe for the family').then((answer) =>
      setProblem(
        'problem' in answer ? answer.problem : answer.proposal.changes.length === 0 ? 'It is set so already.' : null,
      ),
    )
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="min-w-64 flex-1 text-sm">
          <span className="text-rose">▲ Propellers off.</span>{' '}
          <span className="text-muted">
            {proof?.rules.find((one) => one.rule === 'failsafe')?.says} Then test it: transmitter off, look, transmitter
            on.
          </span>
        </p>
        <Button onClick={toggle} aria-pressed={off}>
          {off ? 'Transmitter on again' : 'Test: transmitter off'}
        </Button>
        <Button look="main" onClick={safe}>
          Set a safe one for a {aircraft.familyTitle.toLowerCase()}
        </Button>
      </div>
      {problem && (
        <p role="status" className="mt-2 text-sodium text-sm">
          {problem}
        </p>
      )}
      {off && (
        <p
          role="status"
          data-link={loss?.lost ? 'lost' : 'silent'}
          className={`mt-2 ${loss?.lost ? 'text-rose' : 'text-sodium'}`}
        >
          {loss?.lost
            ? `▲ Link lost: after ${loss.after} s the stand-in receiver does what is set below.`
            : '◌ The transmitter is silent; the receiver still keeps the last pulses…'}
        </p>
      )}
      <table className="mt-3 w-full max-w-3xl text-sm">
        <thead>
          <tr className="text-left text-muted">
            <th className="font-normal">Channel</th>
            <th className="w-48 font-normal">Without a link it</th>
            <th className="w-32 text-right font-normal">Pulse</th>
            <th className="w-40 pl-3 font-normal">Verdict</th>
            {off && <th className="w-28 text-right font-normal">Now</th>}
          </tr>
        </thead>
        <tbody>
          {(document.outputs ?? []).map((output) => {
            const does = set.get(output.channel)
            const verdict = proof?.failsafe.find((one) => one.channel === output.channel)
            return (
              <tr key={output.channel} data-failsafe={output.channel} className="border-line border-t">
                <td className="py-1">
                  <span className="figures text-muted">{output.channel}</span> {output.name}
                </td>
                <td className="py-1">
                  <Choice
                    label={`Failsafe of ${output.name}`}
                    value={does === undefined ? '' : typeof does === 'number' ? 'pulse' : does}
                    placeholder="not set"
                    options={KINDS}
                    onChange={(kind) => put(output.channel, kind === 'pulse' ? aircraft.ruler.centre : (kind as Does))}
                  />
                </td>
                <td className="py-1 pl-2">
                  {typeof does === 'number' && (
                    <input
                      type="number"
                      aria-label={`Failsafe pulse of ${output.name}`}
                      min={aircraft.ruler.from}
                      max={aircraft.ruler.to}
                      defaultValue={does}
                      key={does}
                      onBlur={(event) => {
                        const pulse = Math.round(Number(event.target.value))
                        if (pulse !== does) put(output.channel, pulse)
                      }}
                      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                      className="figures h-9 w-full rounded-lg border border-line bg-deep px-2 text-right"
                    />
                  )}
                </td>
                <td className="py-1 pl-3">
                  {verdict?.trouble ? (
                    <span className="text-rose">▲ {does === undefined ? 'not set' : 'not safe'}</span>
                  ) : (
                    <span className="text-teal">✓ {verdict?.does ?? '…'}</span>
                  )}
                </td>
                {off && (
                  <td className="figures py-1 text-right text-teal" data-now={output.channel}>
                    {loss
                      ? loss.pulses[output.channel] == null
                        ? 'no pulses'
                        : `${loss.pulses[output.channel]} µs`
                      : '…'}
                  </td>
                )}
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
