import { useFrame } from '@/api/live'
import type { Aircraft, SteppedFunction } from '@/api/types'
import { isStepped } from '@/api/types'
import { capital } from '@/parts/words'
import { Caption } from './EarButton'

/** The phase that is active, by its name. */
export function PhaseName({ aircraft }: { aircraft: Aircraft }) {
  const active = useFrame((frame) => frame.phase)
  return aircraft.document.phases?.find((one) => one.id === active)?.name ?? 'Main'
}

/** The step in which a switched function is. */
function StepNow({ fn }: { fn: SteppedFunction }) {
  const active = useFrame((frame) => frame.steps[fn.id])
  const step = fn.steps.find((one) => one.id === active)
  return (
    <li className="truncate" title={`${fn.name} ${step ? (step.name ?? capital(step.id)) : ''}`}>
      <span className="text-muted">{fn.name} </span>
      {step ? (step.name ?? capital(step.id)) : '…'}
    </li>
  )
}

/** What the switches mean right now, in the pilot's words. */
export function Readout({ aircraft, lost }: { aircraft: Aircraft; lost: boolean }) {
  return (
    <section
      aria-label="What the switches mean now"
      className="h-full w-full overflow-hidden rounded-xl border border-line bg-deep px-3 py-2 text-sm"
    >
      {lost ? (
        <p role="alert" className="text-rose">
          ▲ No answer from Dusk Switch. Trying again…
        </p>
      ) : (
        <>
          <p className="truncate" title={aircraft.document.phases?.map((one) => one.name).join(', ')}>
            <Caption
              otherwise={
                <>
                  <span className="text-muted">Phase </span>
                  <strong className="text-sodium">
                    <PhaseName aircraft={aircraft} />
                  </strong>
                </>
              }
            />
          </p>
          <ul className="mt-0.5">
            {(aircraft.document.functions ?? [])
              .filter(isStepped)
              .slice(0, 6)
              .map((fn) => (
                <StepNow key={fn.id} fn={fn} />
              ))}
          </ul>
        </>
      )}
    </section>
  )
}
