import { Later } from '@/parts/Later'

export default function Kit() {
  return (
    <Later
      title="Kit"
      says="What is on the bench, and whether it fits together."
      points={[
        'Choose transmitter, receiver, controller and battery, with a verdict on the link.',
        'A wiring plan drawn from the choices: which lead to which pin, and who powers whom.',
        'The binding guide, step by step for this pair, with a simulated receiver to practise on.',
        'Failsafe: set it, see it per output, test it with the propellers off.',
      ]}
    />
  )
}
