import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { propose } from '@/api/proposals'
import type { Program, SurfaceMove } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Answer } from './Answer'
import { PlainStep } from './PlainStep'
import { Practise } from './Practise'
import { StepHead } from './StepHead'
import { useAnswer } from './useAnswer'

const SEEN = [
  { id: 'right', name: 'it does' },
  { id: 'wrong', name: 'the other way' },
]

/** Surfaces one by one: what each has to do, and the reversal where one goes the other way. */
export function SurfacesStep({ document }: { document: Program }) {
  const [moves, setMoves] = useState<SurfaceMove[]>([])
  const [seen, setSeen] = useState<Record<string, boolean>>({})
  const answer = useAnswer()
  useEffect(() => {
    let wanted = true
    data(POST('/api/surfaces', { body: { document } })).then(
      (told) => wanted && setMoves(told.moves),
      () => wanted && setMoves([]),
    )
    return () => {
      wanted = false
    }
  }, [document])
  if (moves.length === 0) {
    return (
      <PlainStep
        step="surfaces"
        title="Surfaces, one by one"
        says="Move each control alone and watch what moves: the right surface, the right way, as far as it should, and nothing else."
      />
    )
  }
  const key = (move: SurfaceMove) => `${move.channel}-${move.stick}`
  const said = moves.flatMap((move) => {
    const rightWay = seen[key(move)]
    return rightWay === undefined ? [] : [{ channel: move.channel, stick: move.stick, rightWay }]
  })
  return (
    <section aria-label="Surfaces" className="rounded-xl border border-line bg-raised p-3">
      <StepHead step="surfaces">Surfaces, one by one</StepHead>
      <p className="text-muted text-sm">
        Stand behind the aircraft. Up and down are of the trailing edge, or of a swash servo’s arm.
      </p>
      {moves.map((move) => (
        <div
          key={key(move)}
          data-surface-move={key(move)}
          className="mt-1.5 grid grid-cols-[8rem_1fr_9rem] items-center gap-2"
        >
          <span>{move.name}</span>
          <span className="text-muted text-sm">
            {move.stick} stick {move.push}: it goes <span className="text-ink">{move.goes}</span>
          </span>
          <Choice
            label={`${move.name} with the ${move.stick} stick`}
            value={seen[key(move)] === undefined ? '' : seen[key(move)] ? 'right' : 'wrong'}
            placeholder="does it?"
            options={SEEN}
            onChange={(way) => {
              setSeen({ ...seen, [key(move)]: way === 'right' })
              answer.clear()
            }}
          />
        </div>
      ))}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={said.length === 0} onClick={() => answer.ask((now) => propose.surfaces(now, said))}>
          Solve surfaces
        </Button>
        <Practise
          step="Surfaces"
          take={(told) => {
            answer.clear()
            setSeen(Object.fromEntries(told.surfaces.map((one) => [`${one.channel}-${one.stick}`, one.rightWay])))
          }}
        />
      </div>
      <Answer
        {...answer}
        note="Surfaces from the bench"
        taken={() => {
          setSeen({})
          answer.clear()
        }}
      />
    </section>
  )
}
