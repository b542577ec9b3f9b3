import { Pin, PinOff } from 'lucide-react'
import type { SenseLook } from '@/api/types'
import { Button } from '@/parts/Button'
import { IconButton } from '@/parts/IconButton'
import { NumberField } from '@/parts/NumberField'
import { Tick } from '@/parts/Tick'

type Props = {
  slots: NonNullable<SenseLook['slots']>
  solve: () => void
  /** Sets a sensor's first slot by hand, or leaves it to the solver. */
  place: (id: string, slot: { slot?: number; byHand?: boolean }) => void
  blank: (from: number, on: boolean) => void
}

/** The fixed slots of a transmitter: whether each sensor has its own; numbers, and setting them by hand, on request. */
export function Slots({ slots, solve, place, blank }: Props) {
  const owners = Array.from({ length: slots.count }, (_, slot) =>
    slots.today.find((one) => one.from !== null && one.to !== null && slot >= one.from && slot <= one.to),
  )
  const kept = slots.byDefault.filter((one) => !one.blanked)
  const free = owners.flatMap((owner, slot) =>
    owner || kept.some((one) => slot >= one.from && slot <= one.to) ? [] : [slot],
  )
  return (
    <section aria-label="Sensor slots" className="mt-4">
      <div className="flex flex-wrap items-center gap-3">
        <h3 className="font-semibold">
          Sensor slots: {owners.filter(Boolean).length} of {slots.count} used
        </h3>
        <Button onClick={solve}>Solve</Button>
      </div>
      <ul className="mt-1 text-sm">
        {slots.today.map((one) => (
          <li key={one.id} data-slots-of={one.id} className="break-words py-0.5">
            <span className={one.trouble ? 'text-rose' : 'text-teal'}>{one.trouble ? '▲' : '✓'}</span> {one.name}
            {one.byHand && <span className="text-muted"> (set by hand)</span>}
            {one.trouble && <span className="text-rose">: {one.trouble}</span>}
          </li>
        ))}
      </ul>
      <details className="mt-1 text-sm">
        <summary className="inline-flex min-h-9 items-center text-muted max-md:min-h-11">
          Show the numbers, set them by hand
        </summary>
        <ul className="grid gap-1">
          {slots.today.map((one) => (
            <li key={one.id} data-numbers-of={one.id} className="flex flex-wrap items-center gap-x-3">
              <span className="min-w-40 flex-1 break-words">
                {one.name}: {one.from === null ? 'none' : `${one.from} to ${one.to}`}
                <span className="block text-muted">{one.may}</span>
              </span>
              {one.from === null ? (
                <Button onClick={() => place(one.id, { slot: 0, byHand: true })}>Set by hand</Button>
              ) : (
                <>
                  <span className="w-20">
                    <NumberField
                      label={`First slot of ${one.name}`}
                      value={one.from}
                      least={0}
                      most={slots.count - 1}
                      unit=""
                      onChange={(slot) => place(one.id, { slot, byHand: true })}
                    />
                  </span>
                  <IconButton
                    icon={one.byHand ? PinOff : Pin}
                    label={one.byHand ? `Solve may move ${one.name}` : `${one.name} stays where it is`}
                    onClick={() => place(one.id, one.byHand ? {} : { byHand: true })}
                  />
                </>
              )}
            </li>
          ))}
        </ul>
        {slots.byDefault.length > 0 && (
          <fieldset className="mt-2">
            <legend className="text-muted">There by default; tick what you blank in the transmitter</legend>
            {slots.byDefault.map((one) => (
              <Tick
                key={one.from}
                says={`${one.name}, ${one.from} to ${one.to}`}
                on={one.blanked}
                onChange={(on) => blank(one.from, on)}
              />
            ))}
          </fieldset>
        )}
        <p className="text-muted">Free: {free.join(', ') || 'none'}</p>
      </details>
    </section>
  )
}
