import { useState } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Practise } from './Practise'
import { StepHead } from './StepHead'

type Turn = 'roll' | 'pitch' | 'yaw'
type Turned = { moved: Turn; rightWay: boolean }

const TURNS: { id: Turn; asks: string }[] = [
  { id: 'roll', asks: 'Rolled to the right' },
  { id: 'pitch', asks: 'Nose up' },
  { id: 'yaw', asks: 'Nose to the right' },
]
const ANSWERS = (['roll', 'pitch', 'yaw'] as const).flatMap((turn) => [
  { id: `${turn} +`, name: { roll: 'rolls right', pitch: 'noses up', yaw: 'turns right' }[turn] },
  { id: `${turn} -`, name: { roll: 'rolls left', pitch: 'noses down', yaw: 'turns left' }[turn] },
])

/** A turned board is told apart from a reversed channel: by turning the aircraft in the hand, sticks untouched. */
export function BoardStep() {
  const [seen, setSeen] = useState<Record<Turn, Turned>>({
    roll: { moved: 'roll', rightWay: true },
    pitch: { moved: 'pitch', rightWay: true },
    yaw: { moved: 'yaw', rightWay: true },
  })
  const [says, setSays] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const explain = () =>
    data(POST('/api/board', { body: seen })).then(
      (answer) => {
        setProblem(null)
        setSays(answer.says)
      },
      (error) => {
        setSays(null)
        setProblem(said(error))
      },
    )
  return (
    <section aria-label="Board" className="rounded-xl border border-line bg-raised p-3">
      <StepHead step="board">Board alignment</StepHead>
      <p className="text-muted text-sm">
        Hands off the sticks. Turn the aircraft itself: what does the controller’s picture do?
      </p>
      {TURNS.map(({ id, asks }) => (
        <div key={id} className="mt-1.5 grid grid-cols-[10rem_1fr] items-center gap-2">
          <span>{asks}, it</span>
          <Choice
            label={asks}
            value={`${seen[id].moved} ${seen[id].rightWay ? '+' : '-'}`}
            options={ANSWERS}
            onChange={(answer) => {
              const [moved, way] = answer.split(' ') as [Turn, string]
              setSeen({ ...seen, [id]: { moved, rightWay: way === '+' } })
            }}
          />
        </div>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => void explain()}>Explain it</Button>
        <Practise
          step="Board"
          take={(told) => {
            setSays(null)
            setSeen(told.board)
          }}
        />
      </div>
      {says && (
        <p data-board role="status" className="mt-2">
          {says}
        </p>
      )}
      {problem && (
        <p role="alert" className="mt-2 text-rose text-sm">
          ▲ {problem}
        </p>
      )}
    </section>
  )
}
