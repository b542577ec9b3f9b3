import { useState } from 'react'
import { hand, useHand } from '@/api/hand'
import { Button } from '@/parts/Button'
import type { View } from '../views'
import { ArmingStep } from './ArmingStep'
import { BoardStep } from './BoardStep'
import { EndsStep } from './EndsStep'
import { JitterStep } from './JitterStep'
import { MotorsStep } from './MotorsStep'
import { OrderStep } from './OrderStep'
import { SurfacesStep } from './SurfacesStep'

/**
 * The check at the controller in the right order: order, direction, trims, centre, ends, jitter; each answered
 * with an edit.
 */
export function BenchView({ aircraft, document }: View) {
  const [off, setOff] = useState(false)
  const trims = useHand((one) => one.trims)
  const trimmed = Object.values(trims).some((trim) =>
    typeof trim === 'number' ? trim !== 0 : Object.values(trim).some(Boolean),
  )
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
          They are off
        </Button>
      </div>
    )
  }
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <p className="text-muted text-sm">
        In this order: each step stands on the one before. What you read goes in, the answer comes out as an edit, with
        undo.
      </p>
      <div className="mt-3 grid gap-3 xl:grid-cols-2">
        <OrderStep aircraft={aircraft} />
        <section aria-label="Trims" className="rounded-xl border border-line bg-raised p-3">
          <h2 className="font-semibold">2 Trims to the middle</h2>
          <p className="text-muted text-sm">Sub-trim before the trims are in their middle is the usual mistake.</p>
          <p className="mt-2 flex items-center gap-3">
            {trimmed ? (
              <>
                <span className="text-sodium">▲ A trim is out of its middle.</span>
                <Button
                  onClick={() => {
                    for (const axis of Object.values(aircraft.sticks)) hand.trim(axis, 0)
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
        <EndsStep document={document} />
        <JitterStep document={document} />
        {document.controller && <BoardStep />}
        <SurfacesStep document={document} />
        <MotorsStep document={document} />
        {document.controller && <ArmingStep document={document} />}
      </div>
    </div>
  )
}
