import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import type { Motor, Program } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { MotorDrawing } from './MotorDrawing'
import { Practise } from './Practise'
import { StepHead } from './StepHead'

type Seen = { number: number; place: string; turned: 'clockwise' | 'counter-clockwise' | 'jitters' | 'still' }

const TURNS = [
  { id: 'clockwise', name: 'clockwise ↻' },
  { id: 'counter-clockwise', name: 'counter-clockwise ↺' },
  { id: 'jitters', name: 'only jitters' },
  { id: 'still', name: 'stopped' },
]

/** Motors one at a time: where did one turn, and which way? Against the controller's drawing. */
export function MotorsStep({ document }: { document: Program }) {
  const [motors, setMotors] = useState<Motor[]>([])
  const [seen, setSeen] = useState<Record<number, Seen>>({})
  const [running, setRunning] = useState<number>()
  useEffect(() => {
    let wanted = true
    data(POST('/api/motors', { body: { document, seen: Object.values(seen) } })).then(
      (answer) => wanted && setMotors(answer.motors),
      () => wanted && setMotors([]),
    )
    return () => {
      wanted = false
    }
  }, [document, seen])
  const put = (motor: Motor, change: Partial<Seen>) => {
    const was = seen[motor.number] ?? {
      number: motor.number,
      place: motor.place,
      turned: motor.clockwise ? 'clockwise' : 'counter-clockwise',
    }
    setSeen({ ...seen, [motor.number]: { ...was, ...change } })
  }
  const runs = running ?? motors.find((one) => !seen[one.number])?.number
  const turnedAt = (place: string) => {
    const motor = motors.find((one) => one.number === runs)
    if (motor) put(motor, { place })
    setRunning(undefined)
  }
  return (
    <section aria-label="Motors" className="rounded-xl border border-line bg-raised p-3">
      <StepHead step="motors">Motors, one at a time</StepHead>
      <p className="text-muted text-sm">Propellers off. A scrap of paper shows the direction, seen from above.</p>
      <MotorDrawing motors={motors} runs={runs} choose={turnedAt} />
      {motors.map((motor) => {
        const one = seen[motor.number]
        return (
          <div key={motor.number} data-motor={motor.number} className="mt-1.5">
            <div className="grid grid-cols-[5rem_1fr_1fr] items-center gap-2 max-sm:grid-cols-2">
              <Button
                look="bare"
                className="min-h-9 justify-start whitespace-nowrap px-0 max-sm:col-span-2"
                aria-pressed={motor.number === runs}
                onClick={() => setRunning(motor.number)}
              >
                Motor {motor.number}
              </Button>
              <Choice
                label={`Where motor ${motor.number} turned`}
                value={one?.place ?? ''}
                placeholder={`drawn: ${motor.place}`}
                options={motors.map((other) => ({ id: other.place, name: other.place }))}
                onChange={(place) => put(motor, { place })}
              />
              <Choice
                label={`Which way motor ${motor.number} turned`}
                value={one?.turned ?? ''}
                placeholder={`drawn: ${motor.clockwise ? 'clockwise ↻' : 'counter-clockwise ↺'}`}
                options={TURNS}
                onChange={(turned) => put(motor, { turned: turned as Seen['turned'] })}
              />
            </div>
            {motor.trouble ? (
              <p className="text-rose text-sm">▲ {motor.trouble}</p>
            ) : (
              one && <p className="text-sm text-teal">✓ As in the drawing.</p>
            )}
          </div>
        )
      })}
      <Practise
        step="Motors"
        take={(told) => setSeen(Object.fromEntries(told.motors.map((one) => [one.number, one])))}
      />
    </section>
  )
}
