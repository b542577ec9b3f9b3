import type { Aircraft, Live } from '@/api/types'
import { isStepped } from '@/api/types'
import { capital } from '@/parts/words'

/** What the switches mean right now, in the pilot's words. */
export function readout(aircraft: Aircraft, frame: Live | null): { phase: string; steps: [string, string][] } {
  const { phases, functions } = aircraft.document
  const phase = phases?.find((one) => one.id === frame?.phase)
  return {
    phase: phase?.name ?? 'Main',
    steps: (functions ?? []).filter(isStepped).map((fn) => {
      const step = fn.steps.find((one) => one.id === frame?.steps[fn.id])
      return [fn.name, step ? (step.name ?? capital(step.id)) : '…']
    }),
  }
}

export function Readout({ aircraft, frame, lost }: { aircraft: Aircraft; frame: Live | null; lost: boolean }) {
  const { phase, steps } = readout(aircraft, frame)
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
          <p className="truncate">
            <span className="text-muted">Phase </span>
            <strong className="text-sodium">{phase}</strong>
          </p>
          <ul className="mt-0.5">
            {steps.slice(0, 6).map(([name, step]) => (
              <li key={name} className="truncate">
                <span className="text-muted">{name} </span>
                {step}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
