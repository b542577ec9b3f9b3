import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'

type Props = { slots: NonNullable<SenseLook['slots']>; solve: () => void }

/** The fixed slots of a transmitter: whether each sensor has its own; the numbers where one asks. */
export function Slots({ slots, solve }: Props) {
  const owners = Array.from({ length: slots.count }, (_, slot) =>
    slots.today.find((one) => one.from !== null && one.to !== null && slot >= one.from && slot <= one.to),
  )
  const used = owners.filter(Boolean).length
  return (
    <section aria-label="Sensor slots" className="mt-4">
      <div className="flex flex-wrap items-center gap-3">
        <h3 className="font-semibold">
          Sensor slots: {used} of {slots.count} used
        </h3>
        <Button onClick={solve}>Solve</Button>
      </div>
      <ul className="mt-1 text-sm">
        {slots.today.map((one) => (
          <li key={one.id} data-slots-of={one.id} className="break-words py-0.5">
            <span className={one.trouble ? 'text-rose' : 'text-teal'}>{one.trouble ? '▲' : '✓'}</span> {one.name}
            {one.trouble && <span className="text-rose">: {one.trouble}</span>}
          </li>
        ))}
      </ul>
      <details className="mt-1 text-sm">
        <summary className="inline-flex min-h-9 items-center text-muted max-md:min-h-11">Show the numbers</summary>
        <ul>
          {slots.today.map((one) => (
            <li key={one.id} data-numbers-of={one.id}>
              {one.name}: {one.from === null ? 'none' : `${one.from} to ${one.to}`}
            </li>
          ))}
        </ul>
        <p className="text-muted">
          Free: {owners.flatMap((owner, slot) => (owner ? [] : [slot])).join(', ') || 'none'}
        </p>
      </details>
    </section>
  )
}
