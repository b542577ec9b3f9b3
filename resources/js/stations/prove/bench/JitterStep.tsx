import { propose, readings } from '@/api/proposals'
import type { Program } from '@/api/types'
import { Readings } from './Readings'

/** What a channel does with hands off the sticks gives its dead band, or none. */
export function JitterStep({ document }: { document: Program }) {
  return (
    <Readings
      step="jitter"
      title="Jitter"
      says="Hands off the sticks. Watch the channel for a while: a small dead band where it trembles, else none."
      document={document}
      channel="Channel to watch"
      readings={['Smallest', 'Largest']}
      button="Solve jitter"
      practise={(now, channel) => readings(now, channel).then((read) => [read.least, read.most])}
      solve={(now, channel, [least = 0, most = 0]) => propose.jitter(now, channel, least, most)}
      note={(channel) => `Dead band for channel ${channel} from the bench`}
    />
  )
}
