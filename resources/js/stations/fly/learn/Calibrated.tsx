import { edit, propose } from '@/api/proposals'
import type { Learned } from '@/api/types'
import { Button } from '@/parts/Button'
import { tell } from '@/parts/toast'
import { percent } from '@/parts/words'

/** Whether the current sensor tells the truth, and the scale with which it does. */
export function Calibrated({ learned: { calibration: is, otherSensors } }: { learned: Learned }) {
  return (
    <section aria-label="Current sensor">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h3 className="font-semibold text-lg">Current sensor</h3>
        {is?.sensor && <span className="text-muted text-sm">{is.sensor}</span>}
        {is?.sensor && is.wants && (
          <Button onClick={() => void set(is.sensor ?? '', is.scale)}>Set its scale to {is.scale}</Button>
        )}
      </div>
      {is === null ? (
        <p className="text-muted text-sm">
          ◌ Note what the charger put back after two flights at least, under Notes of each flight. Until then fly by a
          timer.
        </p>
      ) : (
        <div className="text-sm" data-calibration>
          <p>
            <span className={is.isTrusted ? 'text-teal' : 'text-sodium'}>
              {is.isTrusted ? '✓ The capacity alarm can be trusted.' : '▲ The capacity alarm can’t be trusted yet.'}
            </span>{' '}
            The charger puts back <span className="figures">{percent(is.of, 1)}</span> of what is shown, ±{' '}
            {percent(is.spread, 1)}, over {is.flights} flights.
            {is.low !== null && is.high !== null && (
              <span className="text-muted">
                {' '}
                Its scale would be {is.low} at low power and {is.high} at high power.
              </span>
            )}
          </p>
          <p className="text-muted">
            {is.sensor === null
              ? `◌ This program has no current sensor: add it in Telemetry, then set its scale to ${is.scale}.`
              : is.now === 1
                ? `It’s shown as the sensor sends it${is.wants ? '' : ', and that is right'}.`
                : `The program’s scale is ${is.now}${is.wants ? '' : ', and right'}; it’s on the sheet, to be set where your transmitter shows the sensor.`}
          </p>
        </div>
      )}
      {otherSensors > 0 && (
        <p className="text-muted text-sm">
          ○ {otherSensors} charged {otherSensors === 1 ? 'flight' : 'flights'} with another sensor left out.
        </p>
      )}
    </section>
  )
}

async function set(sensor: string, scale: number) {
  const done = await edit((draft) => propose.scale(draft, scale), `${sensor}: scale ${scale}`)
  if ('problem' in done) tell(done.problem, { kind: 'problem' })
}
