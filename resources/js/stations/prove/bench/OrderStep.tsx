import { useState } from 'react'
import { propose, type Seen } from '@/api/proposals'
import type { Aircraft, Axis } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { capital } from '@/parts/words'
import { Answer } from './Answer'
import { Practise } from './Practise'
import { StepHead } from './StepHead'
import { useAnswer } from './useAnswer'

const AXES: Axis[] = ['roll', 'pitch', 'throttle', 'yaw']
const WAYS = [
  { id: 'right', name: 'the right way' },
  { id: 'wrong', name: 'the wrong way' },
]

/** What each stick moves at the controller: the order first, then the direction. */
export function OrderStep({ aircraft }: { aircraft: Aircraft }) {
  // A stick that moves nothing is not asked for.
  const sticks = AXES.filter((axis) => aircraft.threads.some((one) => one.from === `axis:${axis}`))
  const asked = sticks.map((axis) => ({ stick: axis, moved: axis, rightWay: true }))
  const [seen, setSeen] = useState<Seen[]>(asked)
  const answer = useAnswer()
  const put = (stick: Axis, change: Partial<Seen>) => {
    answer.clear()
    setSeen(seen.map((one) => (one.stick === stick ? { ...one, ...change } : one)))
  }
  return (
    <section aria-label="Order and direction" className="rounded-xl border border-line bg-raised p-3">
      <StepHead step="order">Order, then direction</StepHead>
      <p className="text-muted text-sm">Move one stick at a time and look which bar moves at the controller.</p>
      {seen.map((one) => (
        <div key={one.stick} className="mt-1.5 grid grid-cols-[8rem_1fr_1fr] items-center gap-2">
          <span>{capital(one.stick)} stick moves</span>
          <Choice
            label={`What the ${one.stick} stick moves`}
            value={one.moved}
            options={sticks.map((axis) => ({ id: axis, name: capital(axis) }))}
            onChange={(moved) => put(one.stick, { moved: moved as Axis })}
          />
          <Choice
            label={`Which way the ${one.stick} stick goes`}
            value={one.rightWay ? 'right' : 'wrong'}
            options={WAYS}
            onChange={(way) => put(one.stick, { rightWay: way === 'right' })}
          />
        </div>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => answer.ask((document) => propose.order(document, seen))}>
          Solve order and direction
        </Button>
        <Practise
          step="Order and direction"
          take={(told) => {
            answer.clear()
            setSeen(seen.map((one) => told.order.find((read) => read.stick === one.stick) ?? one))
          }}
        />
      </div>
      <Answer
        {...answer}
        note="Order and direction from the bench"
        taken={() => {
          answer.clear()
          setSeen(asked)
        }}
      />
    </section>
  )
}
