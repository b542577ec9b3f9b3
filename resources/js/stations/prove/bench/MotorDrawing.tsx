import type { Motor } from '@/api/types'

type Props = {
  motors: Motor[]
  /** The number of the motor that is being run. */
  runs: number | undefined
  choose: (place: string) => void
}

const CIRCLE =
  '-translate-x-1/2 -translate-y-1/2 absolute flex size-14 flex-col items-center justify-center rounded-full border ' +
  'bg-raised leading-tight hover:border-edge'

const edge = (motor: Motor, runs: number | undefined) =>
  motor.trouble ? 'border-rose text-rose' : motor.number === runs ? 'border-sodium' : 'border-line'

/** The controller's drawing, seen from above: each motor where it sits, with its number and the way it turns. */
export function MotorDrawing({ motors, runs, choose }: Props) {
  return (
    <div className="mt-2 flex flex-wrap items-center gap-4">
      <fieldset aria-label="Drawing, seen from above" className="relative size-48 shrink-0 rounded-xl bg-deep">
        <span className="absolute inset-x-0 top-0.5 text-center text-muted text-xs">▲ front</span>
        {motors.map((motor) => (
          <button
            key={motor.number}
            type="button"
            aria-label={`${motor.place}: here it turned`}
            title={motor.place}
            onClick={() => choose(motor.place)}
            className={`${CIRCLE} ${edge(motor, runs)}`}
            style={{ left: `${motor.at[0]}%`, top: `${motor.at[1]}%` }}
          >
            <span className="font-semibold">{motor.number}</span>
            <span aria-hidden>{motor.clockwise ? '↻' : '↺'}</span>
          </button>
        ))}
      </fieldset>
      <p aria-live="polite" className="min-w-40 flex-1 text-sm">
        {runs === undefined
          ? 'Every motor was seen.'
          : `Run motor ${runs} alone, a little, and touch the place in the drawing where it turned.`}
      </p>
    </div>
  )
}
