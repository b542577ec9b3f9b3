import { useFrame } from '@/api/live'
import type { Output, Ruler } from '@/api/types'
import { marks, place } from '../place'

type Props = {
  output: Output
  ruler: Ruler
  chosen: boolean
  choose: () => void
}

/** One channel on the ruler: its pulse as a needle, in µs beside it. */
export function PulseRow({ output, ruler, chosen, choose }: Props) {
  const pulse = useFrame((frame) => frame.outputs[output.channel]?.pulse) ?? null
  const clipped = useFrame((frame) => frame.outputs[output.channel]?.clipped) ?? false
  const at = pulse === null ? null : place(pulse, ruler)
  const middle = place(ruler.centre, ruler)
  return (
    <button
      type="button"
      onClick={choose}
      aria-pressed={chosen}
      data-channel={output.channel}
      aria-label={`Channel ${output.channel} ${output.name}, ${pulse ?? 'no'} µs${clipped ? ', clipped' : ''}`}
      className={`grid h-8 grid-cols-[8rem_1fr_5.5rem] items-center gap-3 rounded-lg px-1 text-left md:grid-cols-[11rem_1fr_6.5rem] ${chosen ? 'bg-line' : 'hover:bg-line/50'}`}
    >
      <span className="flex min-w-0 gap-2">
        <span className="figures w-6 shrink-0 text-right text-muted">{output.channel}</span>
        <span className="truncate">{output.name}</span>
      </span>
      <span className="relative block h-6 overflow-hidden rounded-md border border-line bg-deep">
        {marks(ruler)
          .slice(1, -1)
          .map((mark) => (
            <span key={mark} className="absolute inset-y-0 w-px bg-line" style={{ left: `${place(mark, ruler)}%` }} />
          ))}
        {at !== null && (
          <>
            <span
              className={`absolute inset-y-1.5 ${clipped ? 'bg-rose/50' : 'bg-teal/40'}`}
              style={{ left: `${Math.min(at, middle)}%`, width: `${Math.abs(at - middle)}%` }}
            />
            <span
              className={`-ml-[2px] absolute inset-y-0 w-1 rounded ${clipped ? 'bg-rose' : 'bg-teal'}`}
              style={{ left: `${at}%` }}
            />
          </>
        )}
      </span>
      <span className="figures text-right">
        {clipped && <span className="text-rose">▲ </span>}
        <span data-pulse={output.channel}>{pulse ?? '…'}</span> <span className="text-muted">µs</span>
      </span>
    </button>
  )
}
