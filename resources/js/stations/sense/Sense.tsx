import { Later } from '@/parts/Later'

export default function Sense() {
  return (
    <Later
      title="Sense"
      says="What the aircraft tells, and when it speaks up."
      points={[
        'The chain of sensors with its checks, and discovery on a simulated bus.',
        'Alarms that hold before they speak, and the three schools of landing side by side.',
        'Call-outs and a variometer tone, heard on the ground.',
        'Rehearsal: a whole flight by ear, with faults, before the aircraft is at risk.',
      ]}
    />
  )
}
