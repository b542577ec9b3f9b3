import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'

type Props = { slots: NonNullable<SenseLook['slots']>; solve: () => void }

/** The fixed slots of a transmitter: who has which. */
export function Slots({ slots, solve }: Props) {
  const owners = Array.from({ length: slots.count }, (_, slot) =>
    slots.today.find((one) => one.from !== null && one.to !== null && slot >= one.from && slot <= one.to),
  )
  return (
    <section aria-label="Sensor slots" className="mt-4">
      <div className="flex items-center gap-3">
        <h3 className="font-semibold">{slots.count} fixed slots</h3>
        <Button onClick={solve}>Solve the slots</Button>
      </div>
      <div className="mt-2 grid grid-cols-8 gap-1 sm:grid-cols-16">
        {owners.map((owner, slot) => {
          const key = slot
          return (
            <span
              key={key}
              data-slot={slot}
              title={owner ? `${slot}: ${owner.name}` : `${slot}: free`}
              className={`figures rounded border px-1 py-0.5 text-center text-sm ${owner ? (owner.trouble ? 'border-rose text-rose' : 'border-teal text-teal') : 'border-line text-muted'}`}
            >
              {slot}
            </span>
          )
        })}
      </div>
      <ul className="mt-2 text-sm">
        {slots.today.map((one) => (
          <li key={one.id} data-slots-of={one.id}>
            <span className={one.trouble ? 'text-rose' : 'text-teal'}>{one.trouble ? '▲' : '✓'}</span> {one.name}
            {one.from !== null && `: ${one.from} to ${one.to}`}
            {one.trouble && <span className="text-rose"> {one.trouble}</span>}
          </li>
        ))}
      </ul>
    </section>
  )
}
