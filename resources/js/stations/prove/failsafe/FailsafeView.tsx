import { useState } from 'react'
import { useProof } from '@/api/proof'
import { propose } from '@/api/proposals'
import type { Aboard } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { ProposalDialog } from '@/parts/ProposalDialog'
import { changeAboard } from '../aboard'
import { StepHead } from '../bench/StepHead'
import type { View } from '../views'
import { useLinkLoss } from './useLinkLoss'

type Does = NonNullable<Aboard['failsafe']>[number]['does']

const KINDS = [
  { id: 'pulse', name: 'fixed pulse' },
  { id: 'off', name: 'no signal' },
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
  const [setting, setSetting] = useState(false)
  const { off, toggle, loss } = useLinkLoss(document)
  const set = new Map((document.aboard?.failsafe ?? []).map((one) => [one.channel, one.does]))
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <StepHead step="failsafe">Failsafe, set and tested</StepHead>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <p className="min-w-64 flex-1 text-sm">
          <span className="text-rose">▲ Propellers off.</span>{' '}
          <span className="text-muted">
            {proof?.rules.find((one) => one.rule === 'failsafe')?.says} Then test it: transmitter off, look, transmitter
            on; and record it here.
          </span>
        </p>
        <Button onClick={toggle} aria-pressed={off}>
          {off ? 'Transmitter on again' : 'Test: transmitter off'}
        </Button>
        <Button look="main" onClick={() => setSetting(true)}>
          Set a safe one for a {aircraft.familyTitle.toLowerCase()}
        </Button>
      </div>
      {setting && (
        <ProposalDialog
          title="A safe failsafe for this family"
          says="Test it afterwards: propellers off, transmitter off, look, transmitter on again."
          ask={() => propose.failsafe(document)}
          note="A safe failsafe for the family"
          nothing="It is set like this already."
          onClose={() => setSetting(false)}
        />
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
      <table className="mt-3 w-full max-w-3xl text-sm max-md:block">
        <thead className="max-md:hidden">
          <tr className="text-left text-muted">
            <th className="font-normal">Channel</th>
            <th className="w-48 font-normal">On signal loss</th>
            <th className="w-32 text-right font-normal">Pulse</th>
            <th className="w-40 pl-3 font-normal">Verdict</th>
            {off && <th className="w-28 text-right font-normal">Now</th>}
          </tr>
        </thead>
        <tbody className="max-md:block">
          {(document.outputs ?? []).map((output) => {
            const does = set.get(output.channel)
            const verdict = proof?.failsafe.find((one) => one.channel === output.channel)
            return (
              <tr
                key={output.channel}
                data-failsafe={output.channel}
                className="border-line border-t max-md:grid max-md:grid-cols-[1fr_auto] max-md:items-center max-md:gap-x-3 max-md:py-1"
              >
                <td className="py-1">
                  <span className="figures text-muted">{output.channel}</span> {output.name}
                </td>
                <td className="py-1 max-md:row-start-2">
                  <Choice
                    label={`Failsafe of ${output.name}`}
                    value={does === undefined ? '' : typeof does === 'number' ? 'pulse' : does}
                    placeholder="not set"
                    options={KINDS}
                    onChange={(kind) => put(output.channel, kind === 'pulse' ? aircraft.ruler.centre : (kind as Does))}
                  />
                </td>
                <td className="py-1 max-md:row-start-2 max-md:w-28 md:pl-2">
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
                      className="figures h-9 w-full rounded-lg border max-md:h-11 border-line bg-deep px-2 text-right"
                    />
                  )}
                </td>
                <td className="py-1 max-md:col-start-2 max-md:row-start-1 max-md:text-right md:pl-3">
                  {verdict?.trouble ? (
                    <span className="text-rose">▲ {does === undefined ? 'not set' : 'not safe'}</span>
                  ) : (
                    <span className="text-teal">✓ {verdict?.does ?? '…'}</span>
                  )}
                </td>
                {off && (
                  <td
                    className="figures py-1 text-right text-teal max-md:col-span-2 max-md:row-start-3"
                    data-now={output.channel}
                  >
                    <span className="text-muted md:hidden">now </span>
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
