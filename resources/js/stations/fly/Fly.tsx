import { Later } from '@/parts/Later'

export default function Fly() {
  return (
    <Later
      title="Fly"
      says="At the field, on a phone in sunlight. Local rules and club rules come first."
      points={[
        'Checklists made from this very program.',
        'Flights, packs and logs: traces, the track on a plan, the last position with its search circle.',
        'What would my alarms have said? Asked of a recorded flight.',
        'Tracks and logs out in open formats that viewers open.',
      ]}
    />
  )
}
