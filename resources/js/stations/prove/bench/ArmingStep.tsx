import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { useHand } from '@/api/hand'
import { said } from '@/api/proposals'
import type { Arming, BoardState, Inputs, Program } from '@/api/types'
import { Tick } from '@/parts/Tick'
import { StepHead } from './StepHead'

const FAULTS: { key: keyof Omit<BoardState, 'satellites'>; bad: boolean; says: string }[] = [
  { key: 'link', bad: false, says: 'Receiver lost' },
  { key: 'seenOff', bad: false, says: 'Arm switch was on at power-up' },
  { key: 'session', bad: true, says: 'Set-up session open' },
  { key: 'level', bad: false, says: 'Not level' },
  { key: 'sensors', bad: false, says: 'A sensor failed' },
]

const FINE: BoardState = { link: true, level: true, session: false, satellites: 9, sensors: true, seenOff: true }

/** Why the stand-in controller won't arm, live with the handheld; its faults can be set. */
export function ArmingStep({ document }: { document: Program }) {
  const [board, setBoard] = useState<BoardState>(FINE)
  const [arming, setArming] = useState<Arming | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const inputs = useHand((one) => one) as Inputs
  useEffect(() => {
    let wanted = true
    data(POST('/api/arming', { body: { document, inputs, board } })).then(
      (answer) => {
        if (!wanted) return
        setArming(answer)
        setProblem(null)
      },
      (error) => wanted && setProblem(said(error)),
    )
    return () => {
      wanted = false
    }
  }, [document, board, inputs])
  return (
    <section aria-label="Arming" className="rounded-xl border border-line bg-raised p-3">
      <StepHead step="arming">Why won’t it arm?</StepHead>
      <p className="text-muted text-sm">
        A stand-in controller listens to the handheld below. Give it a fault, or move a control.
      </p>
      <div className="mt-2 grid gap-x-4 gap-y-1 sm:grid-cols-2">
        {FAULTS.map((fault) => (
          <Tick
            key={fault.key}
            says={fault.says}
            on={board[fault.key] === fault.bad}
            onChange={(on) => setBoard({ ...board, [fault.key]: on ? fault.bad : !fault.bad })}
          />
        ))}
        <label htmlFor="fault-satellites" className="flex items-center gap-2 text-sm">
          <input
            id="fault-satellites"
            type="number"
            min={0}
            max={60}
            value={board.satellites}
            onChange={(event) =>
              setBoard({ ...board, satellites: Math.max(0, Math.min(60, Number(event.target.value))) })
            }
            className="figures h-7 w-14 rounded border border-line bg-deep px-1.5 text-right"
          />
          satellites
        </label>
      </div>
      {problem && <p className="mt-2 text-sodium text-sm">▲ {problem}</p>}
      {arming && !problem && (
        <div data-arming={arming.armed ? 'armed' : arming.blockers.length > 0 ? 'blocked' : 'ready'} className="mt-2">
          {arming.armed ? (
            <p className="text-rose">◆ Armed: a motor would turn now.</p>
          ) : arming.blockers.length === 0 ? (
            <p className="text-teal">✓ Nothing stands in the way: it arms when the arm switch asks.</p>
          ) : (
            <ul className="grid gap-1 text-sm">
              {arming.blockers.map((one) => (
                <li key={one.topic + one.says}>
                  <span className="text-sodium">▲ {one.topic}.</span> {one.says}{' '}
                  <span className="text-muted">{one.cure}</span>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </section>
  )
}
