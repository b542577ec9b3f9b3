import { propose, readings } from '@/api/proposals'
import type { Program } from '@/api/types'
import { Readings } from './Readings'

/** Three readings of one channel at the controller give its sub-trim and both travels. */
export function EndsStep({ document }: { document: Program }) {
  return (
    <Readings
      step="ends"
      title="Centre, then ends"
      says="Read the channel at the controller with the stick at its ends and in its middle. Never centre the throttle."
      document={document}
      channel="Channel to centre"
      reversed="This one is reversed: its low end is where the stick is low or left, whatever it reads there."
      readings={['Low end', 'Centre', 'High end']}
      button="Solve centre and ends"
      practise={(now, channel) => readings(now, channel).then((read) => [read.low, read.centre, read.high])}
      solve={(now, channel, [low = 0, centre = 0, high = 0]) => propose.ends(now, channel, low, centre, high)}
      note={(channel) => `Centre and ends of channel ${channel} from the bench`}
    />
  )
}
