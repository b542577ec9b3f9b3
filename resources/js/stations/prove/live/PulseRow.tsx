import { useFrame } from '@/api/live'
import type { ChannelSlots, Output, Ruler } from '@/api/types'
import { place } from '../place'
import { Track } from './Track'

type Props = {
  output: Output
  ruler: Ruler
  slots: ChannelSlots['slots']
  chosen: boolean
  choose: () => void
}

/** One channel: where its pulse is, how far it goes in this phase, and the modes that it crosses. */
export function PulseRow({ output, ruler, slots, chosen, choose }: Props) {
  const pulse = useFrame((frame) => frame.outputs[output.channel]?.pulse) ?? null
  const clipped = useFrame((frame) => frame.outputs[output.channel]?.clipped) ?? false
  return (
    <button
      type="button"
      onClick={choose}
      aria-pressed={chosen}
      data-channel={output.channel}
      className={`grid grid-cols-[1fr_auto] items-center gap-x-3 rounded-lg px-2 py-1.5 text-left md:grid-cols-[11rem_1fr_6.5rem] md:py-0.5 ${chosen ? 'bg-line' : 'hover:bg-line/50'}`}
    >
      <span className="col-start-1 row-start-1 flex min-w-0 gap-2">
        <span className="figures w-6 shrink-0 text-right text-muted">
          <span className="sr-only">Channel </span>
          {output.channel}
        </span>
        <span className="truncate" title={output.name}>
          {output.name}
        </span>
      </span>
      <span className="relative col-span-2 col-start-1 row-start-2 block md:col-span-1 md:col-start-2 md:row-start-1">
        <Track channel={output.channel} ruler={ruler} slots={slots} />
        {pulse !== null && (
          <span
            aria-hidden
            className={`-translate-x-1/2 absolute top-0 h-7 w-[3px] rounded-full ${clipped ? 'bg-rose' : 'bg-teal'}`}
            style={{ left: `${place(pulse, ruler)}%` }}
          >
            <span
              className={`-translate-x-1/2 absolute top-1/2 left-1/2 size-2.5 translate-y-[-50%] rotate-45 ${clipped ? 'bg-rose' : 'bg-teal'}`}
            />
          </span>
        )}
      </span>
      <span className="figures col-start-2 row-start-1 text-right md:col-start-3">
        {clipped && (
          <span className="text-rose">
            ▲<span className="sr-only"> clipped</span>{' '}
          </span>
        )}
        <span data-pulse={output.channel}>{pulse ?? '…'}</span> <span className="text-muted">µs</span>
      </span>
    </button>
  )
}
