import { useState } from 'react'
import { useLive } from '@/api/live'
import { useProof } from '@/api/proof'
import { edit, propose } from '@/api/proposals'
import type { Aircraft, ChannelSlots, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { percent } from '@/parts/words'
import type { View } from '../views'
import { SlotRuler } from './SlotRuler'

/** Where the controller has its modes on a channel, and where each position of the switch lies in them. */
export function SlotsView({ aircraft, document }: View) {
  const { proof: proved } = useProof()
  const proof = proved && { slots: drafted(proved.slots, document) }
  if (!proof) return <p className="p-6 text-muted">◌ Looking at the controller’s slots…</p>
  if (proof.slots.length === 0) {
    return (
      <p className="m-auto max-w-lg p-6 text-muted">
        No controller with modes is in this aircraft’s kit. Choose one on Kit, and its slots appear here.
      </p>
    )
  }
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <p className="text-muted text-sm">
        A controller watches a channel and has a range for each mode. Each position belongs in the middle of its slot,
        none near an edge. Drag an edge, or solve.
      </p>
      {proof.slots.map((channel) => (
        <Channel key={channel.channel} aircraft={aircraft} channel={channel} all={proof.slots} />
      ))}
    </div>
  )
}

/** The slots as they are in the draft: the proof of it may still be under way. */
function drafted(slots: ChannelSlots[], document: Program): ChannelSlots[] {
  const own = document.aboard?.controller?.modes ?? []
  return slots.map((channel) => ({
    ...channel,
    slots: channel.slots.map((slot) => {
      const now = own.find((one) => one.mode === slot.mode && one.channel === channel.channel)
      return now ? { ...slot, from: now.from, to: now.to } : slot
    }),
  }))
}

function Channel({ aircraft, channel, all }: { aircraft: Aircraft; channel: ChannelSlots; all: ChannelSlots[] }) {
  const { frame } = useLive()
  const [problem, setProblem] = useState<string | null>(null)
  const solve = () =>
    void edit((now) => propose.slots(now, channel.channel), `Slots of channel ${channel.channel} solved`).then(
      (answer) => setProblem('problem' in answer ? answer.problem : null),
    )
  return (
    <section
      aria-label={`Channel ${channel.channel}`}
      data-slots={channel.channel}
      className="mt-3 rounded-xl border border-line bg-raised p-3"
    >
      <div className="flex items-center justify-between gap-3">
        <h2>
          <span className="figures text-muted">{channel.channel}</span>{' '}
          <strong>{channel.name ?? '▲ no such channel in the program'}</strong>
        </h2>
        {channel.answers.some((one) => one.slot) && (
          <Button look="main" onClick={solve}>
            Solve: middle of each slot
          </Button>
        )}
      </div>
      <SlotRuler
        channel={channel}
        all={all}
        ruler={aircraft.ruler}
        live={frame?.outputs[channel.channel]?.pulse ?? null}
      />
      {problem && (
        <p role="alert" className="mt-1 text-rose text-sm">
          ▲ {problem}
        </p>
      )}
      {channel.answers.length > 0 && (
        <div className="overflow-x-auto">
          <table className="mt-2 w-full text-sm">
            <thead>
              <tr className="text-left text-muted">
                <th className="pr-3 font-normal">Position</th>
                <th className="pr-3 font-normal">Slot</th>
                <th className="pr-3 text-right font-normal">Now</th>
                <th className="pr-3 text-right font-normal">Margin</th>
                <th className="pr-3 text-right font-normal">Middle: value</th>
                <th className="pr-3 text-right font-normal">pulse</th>
                <th className="font-normal">To key in</th>
              </tr>
            </thead>
            <tbody>
              {channel.answers.map((one) => (
                <tr key={one.step} data-answer={one.step} className="border-line border-t">
                  <td className="py-1 pr-3">{one.name}</td>
                  <td className="pr-3">
                    {channel.slots.find((slot) => slot.mode === one.slot)?.name ?? (
                      <span className="text-muted">no mode of that name</span>
                    )}
                  </td>
                  <td className="figures pr-3 text-right">{one.now} µs</td>
                  <td
                    className={`figures pr-3 text-right ${one.margin !== null && one.margin < 25 ? 'text-rose' : ''}`}
                  >
                    {one.margin === null
                      ? '—'
                      : one.margin < 0
                        ? `▲ outside by ${-one.margin}`
                        : `${one.margin < 25 ? '▲ ' : ''}${one.margin} µs`}
                  </td>
                  <td className="figures pr-3 text-right">{one.value === null ? '—' : percent(one.value, 1)}</td>
                  <td className="figures pr-3 text-right">
                    {one.pulse} µs
                    {one.missing > 0 && <span className="text-rose"> ▲ {one.missing} µs short</span>}
                  </td>
                  <td className="figures">{one.terms ?? (one.value === null ? '—' : 'the value itself')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  )
}
