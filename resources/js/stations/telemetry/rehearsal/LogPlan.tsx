import type { Aircraft, Program, SenseLook } from '@/api/types'
import { NumberField } from '@/parts/NumberField'
import { Tick } from '@/parts/Tick'
import { CheckResults } from '../CheckResults'
import { changeSense, without } from '../edits'
import { MomentChoice } from '../MomentChoice'

type Props = { look: SenseLook; document: Program; aircraft: Aircraft }

/** When the transmitter writes a flight down, and how often: what a recorded flight is made of. */
export function LogPlan({ look, document, aircraft }: Props) {
  const log = document.sense?.logging
  return (
    <section aria-label="Log of real flights" className="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
      <Tick
        says="The transmitter writes real flights down"
        on={log !== undefined}
        onChange={(on) =>
          changeSense(
            (now) => (on ? { ...now, logging: {} } : without(now, 'logging')),
            on ? 'Flights are written down' : 'No log',
          )
        }
      />
      {log && (
        <>
          <span className="text-muted">a row every</span>
          <span className="w-20">
            <NumberField
              label="Seconds between two rows of the log"
              value={log.every ?? 1}
              least={0.1}
              most={60}
              unit="s"
              onChange={(every) =>
                changeSense((now) => ({ ...now, logging: { ...now.logging, every } }), `Log every ${every} s`)
              }
            />
          </span>
          <div className="w-60">
            <MomentChoice
              label="When the log is written"
              says="while"
              value={log.when}
              words={look.jobs.log}
              first="from power-up on"
              document={document}
              aircraft={aircraft}
              onChange={(when) =>
                changeSense(
                  (now) => ({
                    ...now,
                    logging: when ? { ...now.logging, when } : without(now.logging ?? {}, 'when'),
                  }),
                  'When the log is written',
                )
              }
            />
          </div>
          <CheckResults checks={look.checks} about="jobs" />
        </>
      )}
    </section>
  )
}
