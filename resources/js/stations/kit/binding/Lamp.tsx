import type { Binding } from '@/api/types'

const BLINKS = {
  off: '',
  slow: 'animate-[pulse_1.6s_ease-in-out_infinite]',
  quick: 'animate-[pulse_0.35s_linear_infinite]',
  solid: '',
}

/** A receiver's lamp: it blinks as the real one does, and says so beside it for those who don't want motion. */
export function Lamp({ shows }: { shows: Binding['lamp'] }) {
  return (
    <span
      aria-hidden
      className={`size-9 shrink-0 rounded-full border-2 border-edge ${shows === 'off' ? 'bg-deep' : shows === 'solid' ? 'bg-teal' : 'bg-sodium'} ${BLINKS[shows]}`}
    />
  )
}
