import { memo } from 'react'
import { useFrame } from '@/api/live'
import { useProof } from '@/api/proof'
import type { ChannelSlots, Ruler } from '@/api/types'
import { place } from '../place'

type Props = { channel: number; ruler: Ruler; slots: ChannelSlots['slots'] }

/** What doesn't move with the stick: the band that the channel can reach in this phase, and the modes along it. */
export const Track = memo(function Track({ channel, ruler, slots }: Props) {
  const phase = useFrame((frame) => frame.phase)
  const { proof } = useProof()
  const reach = phase == null ? undefined : proof?.reach[phase]?.[channel]
  const across = (from: number, to: number) => ({
    left: `${place(from, ruler)}%`,
    width: `${place(to, ruler) - place(from, ruler)}%`,
  })
  return (
    <span className="block">
      <span className="relative block h-7">
        <span className="absolute inset-x-0 top-1/2 h-px bg-line" />
        <span className="absolute inset-y-1 w-px bg-edge" style={{ left: `${place(ruler.centre, ruler)}%` }} />
        {reach && (
          <span
            data-reach={channel}
            title={`In this phase from ${reach[0]} to ${reach[1]} µs`}
            className="absolute inset-y-2 min-w-1 rounded-full border border-edge bg-edge/25"
            style={across(reach[0] as number, reach[1] as number)}
          />
        )}
      </span>
      {slots.length > 0 && (
        <span className="relative block h-5 overflow-hidden text-muted text-sm leading-5">
          {slots.map((slot) => (
            <span
              key={`${slot.mode} ${slot.from}`}
              title={`${slot.name}: ${slot.from} to ${slot.to} µs`}
              className={`absolute truncate border-x px-1 text-center ${slot.risky ? 'border-sodium' : 'border-edge'}`}
              style={across(Math.max(slot.from, ruler.from), Math.min(slot.to, ruler.to))}
            >
              {slot.name}
            </span>
          ))}
        </span>
      )}
    </span>
  )
})
