import { Fragment, type ReactNode, useState } from 'react'
import { hand, useHand } from '@/api/hand'
import { useBenchRecord } from '@/api/queries'
import type { BenchRecord } from '@/api/types'
import { Button } from '@/parts/Button'
import type { View } from '../views'
import { ArmingStep } from './ArmingStep'
import { BoardStep } from './BoardStep'
import { EndsStep } from './EndsStep'
import { GuidedStep } from './GuidedStep'
import { JitterStep } from './JitterStep'
import { MotorsStep } from './MotorsStep'
import { OrderStep } from './OrderStep'
import { SurfacesStep } from './SurfacesStep'

type StepId = BenchRecord['steps'][number]['id']

/** Steps that have a table or a drawing of their own; the others are gone through line by line. */
const OWN: Partial<Record<StepId, (view: View) => ReactNode>> = {
  order: ({ aircraft }) => <OrderStep aircraft={aircraft} />,
  ends: ({ document }) => <EndsStep document={document} />,
  jitter: ({ document }) => <JitterStep document={document} />,
  board: () => <BoardStep />,
  surfaces: ({ document }) => <SurfacesStep document={document} />,
  motors: ({ document }) => <MotorsStep document={document} />,
  arming: ({ document }) => <ArmingStep document={document} />,
}

/**
 * The check with the aircraft in hand in the right order: sticks, order, direction, trims, centre, ends and so on to
 * the range; what is read is answered with an edit, what is seen is kept as a record.
 */
export function BenchView(view: View) {
  const { aircraft, document } = view
  const [off, setOff] = useState(false)
  const { data, error } = useBenchRecord(aircraft.id, aircraft.revision)
  if (!off) {
    return (
      <div className="mx-auto flex h-full max-w-xl flex-col justify-center px-6">
        <h2 className="font-semibold text-rose text-xl">▲ Propellers off</h2>
        <p className="mt-2">
          This check is done with the aircraft powered and the controller’s channel page open. A motor may start.{' '}
          {document.family === 'helicopter'
            ? 'Disconnect the motor, or take the blades off.'
            : 'Take the propellers off.'}
        </p>
        <Button look="main" className="mt-4 min-h-11 self-start" onClick={() => setOff(true)}>
          Propellers are off
        </Button>
      </div>
    )
  }
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <p className="text-muted text-sm">
        In this order: each step stands on the one before. What you read goes in, the answer comes out as an edit, with
        undo. What you see is kept with its date and is asked again only when something changes that it stands on.
      </p>
      {error && <p className="mt-2 text-rose">▲ {error.message}</p>}
      <div className="mt-3 grid items-start gap-3 xl:grid-cols-2">
        {data?.steps
          .filter((step) => step.id !== 'failsafe')
          .map((step) => (
            <Fragment key={step.id}>
              {step.guide.length > 0 ? (
                <GuidedStep aircraft={aircraft.id} revision={aircraft.revision} step={step} />
              ) : (
                OWN[step.id]?.(view)
              )}
              {step.id === 'order' && <TrimsStep sticks={aircraft.sticks} />}
            </Fragment>
          ))}
      </div>
    </div>
  )
}

/** All four trims in their middle, before any sub-trim. */
function TrimsStep({ sticks }: Pick<View['aircraft'], 'sticks'>) {
  const trims = useHand((one) => one.trims)
  const trimmed = Object.values(trims).some((trim) =>
    typeof trim === 'number' ? trim !== 0 : Object.values(trim).some(Boolean),
  )
  return (
    <section aria-label="Trims" className="rounded-xl border border-line bg-raised p-3">
      <h2 className="font-semibold">Trims to the middle</h2>
      <p className="text-muted text-sm">Sub-trim before the trims are in their middle is the usual mistake.</p>
      <p className="mt-2 flex items-center gap-3">
        {trimmed ? (
          <>
            <span className="text-sodium">▲ A trim is out of its middle.</span>
            <Button
              onClick={() => {
                for (const axis of Object.values(sticks)) hand.trim(axis, 0)
              }}
            >
              To the middle
            </Button>
          </>
        ) : (
          <span className="text-teal">
            ✓ All trims are in the middle here; look at the transmitter in your hand, too.
          </span>
        )}
      </p>
    </section>
  )
}
