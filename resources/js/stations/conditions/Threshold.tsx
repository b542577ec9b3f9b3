import { keepPreviousData, useIsMutating, useMutation, useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { Condition, Program } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { Level } from '@/parts/Level'
import { tell } from '@/parts/toast'

const WAYS = [
  { id: 'above', name: 'above' },
  { id: 'below', name: 'below' },
]

type Change = { above?: boolean; level?: number; hysteresis?: number }

const CHANGE = 'threshold'

/** True while a level that was typed is on its way: what is on the screen is not yet what was meant. */
export const useThresholdPending = () => useIsMutating({ mutationKey: [CHANGE] }) > 0

type Props = { document: Program; value: Condition; onChange: (value: Condition) => void; at?: string }

/** A level of a telemetry value, in the pilot's unit; the core turns it. */
export function Threshold({ document, value, onChange, at = '' }: Props) {
  const { data: read } = useQuery({
    queryKey: ['threshold', document.sense, value],
    queryFn: () => data(POST('/api/threshold', { body: { document, condition: value } })),
    placeholderData: keepPreviousData,
  })
  // Two fields may be left before the first is answered: the second goes on from what was typed in the first.
  const typed = useRef<{ into: unknown; change: Change }>({ into: null, change: {} })
  const { mutate } = useMutation({
    mutationKey: [CHANGE],
    scope: { id: CHANGE },
    mutationFn: (body: { sensor: string; above: boolean; level: number; hysteresis: number }) =>
      data(POST('/api/threshold', { body: { document, ...body } })),
    onSuccess: (answer) => onChange(answer.condition),
    onError: (problem) => {
      typed.current = { into: null, change: {} }
      tell(said(problem), { kind: 'problem' })
    },
  })
  if (!read) return null
  const put = (change: Change) => {
    const before = typed.current.into === read ? typed.current.change : {}
    typed.current = { into: read, change: { ...before, ...change } }
    const { sensor, above, level, hysteresis } = { ...read, ...typed.current.change }
    mutate({ sensor, above, level, hysteresis })
  }
  return (
    <>
      <Field label="is" htmlFor={`threshold-way${at}`}>
        <div className="grid grid-cols-[1fr_6rem_3rem] items-center gap-2">
          <Choice
            id={`threshold-way${at}`}
            label="is"
            value={read.above ? 'above' : 'below'}
            options={WAYS}
            onChange={(way) => put({ above: way === 'above' })}
          />
          <Level label="Level" value={read.level} onCommit={(level) => put({ level })} />
          <span className="text-muted text-sm">{read.unit}</span>
        </div>
      </Field>
      <Field label="hysteresis" htmlFor={`threshold-hysteresis${at}`}>
        <div className="grid grid-cols-[1fr_6rem_3rem] items-center gap-2">
          <span className="text-muted text-sm">back by</span>
          <Level
            id={`threshold-hysteresis${at}`}
            label="Hysteresis"
            value={read.hysteresis}
            onCommit={(hysteresis) => put({ hysteresis })}
          />
          <span className="text-muted text-sm">{read.unit}</span>
        </div>
      </Field>
      <p role="status" className="text-muted text-sm">
        {read.says}. Without telemetry it doesn’t hold.
      </p>
    </>
  )
}
