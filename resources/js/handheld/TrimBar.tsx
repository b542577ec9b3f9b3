import { hand, type Trim, useHand } from '@/api/hand'
import { edit, propose } from '@/api/proposals'
import type { Axis, Transmitter } from '@/api/types'
import { Button } from '@/parts/Button'
import { tell } from '@/parts/toast'
import { capital } from '@/parts/words'

/** Shown while a trim is out of its middle: where they stand, and the two ways back. */
export function TrimBar({ transmitter }: { transmitter: Transmitter }) {
  const trims = useHand((one) => one.trims)
  const out = (Object.entries(trims) as [Axis, Trim][]).flatMap(([axis, trim]) =>
    (typeof trim === 'number' ? [trim] : Object.values(trim))
      .filter((value) => value !== 0)
      .map((value) => [axis, value] as const),
  )
  if (out.length === 0) return null
  const clicks = (value: number) => `${value > 0 ? '+' : '−'}${Math.abs(Math.round(value * transmitter.trimClicks))}`
  const home = () => {
    for (const [axis] of out) hand.trim(axis, 0)
  }
  const move = async () => {
    const answer = await edit(propose.trims, 'Trims moved into sub-trims')
    if ('problem' in answer) {
      tell(answer.problem, { kind: 'problem' })
    } else {
      // The throttle's trim stays where it is: its channel is never centred.
      for (const [axis] of out) if (axis !== 'throttle') hand.trim(axis, 0)
      tell(answer.proposal.changes.join('\n'))
    }
  }
  return (
    <div role="status" aria-label="Trims" className="flex shrink-0 items-center gap-1 text-sm">
      <span className="figures hidden text-sodium lg:inline">
        Trims {out.map(([axis, value]) => `${capital(axis)} ${clicks(value)}`).join(', ')}
      </span>
      <Button className="min-h-7 px-2" onClick={() => void move()}>
        Move into sub-trim
      </Button>
      <Button className="min-h-7 px-2" onClick={home}>
        To the middle
      </Button>
    </div>
  )
}
