import { Pause, Play, SkipForward } from 'lucide-react'
import type { Recording } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { player, usePlaying, useTime } from './player'

const RATES = ['1', '2', '4', '8'].map((id) => ({ id, name: `${id}×` }))

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${(seconds % 60).toFixed(1).padStart(4, '0')}`

/** Play, pause, how fast, and on to what happens next. */
export function Controls({ flight }: { flight: Recording }) {
  const { playing, rate } = usePlaying()
  const time = useTime()
  const next = () => {
    const times = [...flight.events.map((one) => one.at), ...flight.said.map((one) => one.from ?? one.at)]
    const after = times.filter((one) => one > time + 0.05)
    player.seek(after.length > 0 ? Math.min(...after) : flight.seconds)
  }
  return (
    <div className="flex items-center gap-2">
      <Button look="main" onClick={() => player.toggle()}>
        {playing ? <Pause size={15} aria-hidden /> : <Play size={15} aria-hidden />} {playing ? 'Pause' : 'Play'}
      </Button>
      <div className="w-18">
        <Choice label="How fast" value={String(rate)} options={RATES} onChange={(to) => player.rate(Number(to))} />
      </div>
      <Button aria-label="Next event" className="px-2" onClick={next}>
        <SkipForward size={15} aria-hidden />
      </Button>
      <span data-clock className="figures text-sm">
        {clock(time)} of {clock(flight.seconds)}
      </span>
    </div>
  )
}
