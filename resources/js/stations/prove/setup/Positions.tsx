import { useState } from 'react'
import { useFrame } from '@/api/live'
import { edit, propose } from '@/api/proposals'
import type { Aircraft, ChannelSlots, Ruler } from '@/api/types'
import { Button } from '@/parts/Button'
import { percent } from '@/parts/words'
import { place } from '../place'

type Answer = ChannelSlots['answers'][number]

/**
 * A channel's positions one above the other: the pulse of each, the mode that it lands in, and how far the edges
 * are.
 */
export function Positions({ aircraft, channel }: { aircraft: Aircraft; channel: ChannelSlots }) {
  const [problem, setProblem] = useState<string | null>(null)
  const live = useFrame((frame) => frame.outputs[channel.channel]?.pulse) ?? null
  const solve = () =>
    void edit((now) => propose.slots(now, channel.channel), `Channel ${channel.channel} centred in its ranges`).then(
      (answer) => setProblem('problem' in answer ? answer.problem : null),
    )
  return (
    <section
      aria-label={`Channel ${channel.channel}`}
      data-slots={channel.channel}
      className="rounded-xl border border-line bg-raised p-3"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2>
          <span className="figures text-muted">{channel.channel}</span>{' '}
          <strong>{channel.name ?? '▲ no such channel in the program'}</strong>
        </h2>
        {channel.answers.some((one) => one.slot) && <Button onClick={solve}>Centre in the ranges</Button>}
      </div>
      {channel.answers.length === 0 && channel.name !== null && (
        <p className="mt-1 text-muted text-sm">
          Not one switched function alone: the proof looks at its pulses itself.
        </p>
      )}
      <ol className="mt-2 grid gap-1">
        {channel.answers.map((one) => (
          <Position key={one.step} answer={one} channel={channel} ruler={aircraft.ruler} live={live} />
        ))}
      </ol>
      {problem && (
        <p role="alert" className="mt-1 text-rose text-sm">
          ▲ {problem}
        </p>
      )}
    </section>
  )
}

function Position({
  answer,
  channel,
  ruler,
  live,
}: {
  answer: Answer
  channel: ChannelSlots
  ruler: Ruler
  live: number | null
}) {
  const at = (pulse: number) => `${place(pulse, ruler)}%`
  return (
    <li
      data-answer={answer.step}
      className="grid grid-cols-[7rem_1fr] items-center gap-x-3 sm:grid-cols-[8rem_1fr_13rem]"
    >
      <span className="min-w-0">
        <span className="block truncate">{answer.name}</span>
        <span className="block truncate text-muted text-sm">{answer.means ? `means ${answer.means}` : '▲ means?'}</span>
      </span>
      <span aria-hidden className="relative h-9 rounded bg-deep">
        {channel.slots.map((slot) => (
          <span
            key={`${slot.mode} ${slot.from}`}
            className={`absolute inset-y-0 border-line border-x ${answer.takes.includes(slot.name) ? 'bg-line' : ''}`}
            style={{ left: at(slot.from), width: `calc(${at(slot.to)} - ${at(slot.from)})` }}
          />
        ))}
        {live === answer.now && (
          <span className="-translate-x-1/2 absolute inset-y-0 w-3 bg-teal/40" style={{ left: at(live) }} />
        )}
        <span
          className={`-translate-x-1/2 absolute inset-y-1 w-1 rounded ${answer.isNear || !answer.isAsMeant ? 'bg-rose' : 'bg-sodium'}`}
          style={{ left: at(answer.now) }}
        />
      </span>
      <span className="col-span-2 text-sm sm:col-span-1">
        <span className="figures">{answer.now} µs</span>{' '}
        <span className={answer.isAsMeant ? '' : 'text-rose'}>
          {answer.isAsMeant ? '→' : '▲ →'} {answer.takes.length > 0 ? answer.takes.join(' and ') : 'no range'}
        </span>
        <span className={`figures block ${answer.isNear ? 'text-rose' : 'text-muted'}`}>
          {answer.isNear ? '▲ ' : ''}
          {answer.below === null ? '' : `◀ ${answer.below}`} {answer.above === null ? '' : `${answer.above} ▶`} µs
        </span>
        {answer.value !== null && answer.pulse !== answer.now && (
          <span className="block text-muted">
            centred: {percent(answer.value, 1)}, {answer.pulse} µs{answer.terms ? `, ${answer.terms}` : ''}
            {answer.missing > 0 && <span className="text-rose"> ▲ {answer.missing} µs short</span>}
          </span>
        )}
      </span>
    </li>
  )
}
