import { ArrowLeftRight, Plus } from 'lucide-react'
import { useRef, useState } from 'react'
import { useHand } from '@/api/hand'
import { useLive } from '@/api/live'
import { type Aircraft, isStepped, type Live, type Program } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { MoveDialog } from '@/parts/MoveDialog'
import { capital, percent } from '@/parts/words'
import { addFunction, addOutput } from '../edits'
import { Node } from './Node'
import { Threads } from './Threads'
import { usePull } from './usePull'

type Props = { aircraft: Aircraft; document: Program; at: string | null; select: (end: string | null) => void }

/** What an end carries right now, as a signal. */
export function carried(end: string, frame: Live | null): number {
  const [kind, id] = end.split(':') as [string, string]
  if (!frame) return 0
  if (kind === 'axis') return frame.inputs.axes[id] ?? 0
  if (kind === 'control') return frame.inputs.controls[id] ?? 0
  if (kind === 'function') return frame.functions[id] ?? 0
  if (kind === 'output') return frame.outputs[id]?.signal ?? 0
  return frame.phase === id ? 1 : 0
}

/** Controls at the left, functions in the middle, outputs at the right, and the threads between them. */
export function Loom({ aircraft, document, at, select }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const { frame } = useLive()
  const hand = useHand()
  const [moving, setMoving] = useState(false)
  const pull = usePull(box, (fn, to) => void workbench.assign(fn, to))
  const { transmitterDefinition: transmitter, sticks, threads } = aircraft

  const lit = new Set(threads.filter((one) => one.from === at || one.to === at).flatMap((one) => [one.from, one.to]))
  const used = new Set(threads.map((one) => one.from))
  const look = (end: string) => ({
    end,
    selected: at === end,
    lit: lit.has(end),
    onSelect: () => select(at === end ? null : end),
  })
  const axes = [sticks['left-y'], sticks['left-x'], sticks['right-y'], sticks['right-x']]

  return (
    <div className="min-w-0 flex-1 overflow-auto">
      <div
        ref={box}
        className="relative grid h-full min-w-160 grid-cols-[minmax(8.5rem,12rem)_minmax(3rem,1fr)_minmax(10rem,15rem)_minmax(3rem,1fr)_minmax(10rem,15rem)] px-4 py-2"
      >
        <Threads threads={threads} frame={frame} at={at} pulled={pull.line} />
        <Column
          title="Controls"
          actions={
            <Button look="bare" className="min-h-7 px-1.5" onClick={() => setMoving(true)}>
              <ArrowLeftRight size={14} aria-hidden /> Transmitter
            </Button>
          }
        >
          {axes.map((axis) => (
            <Node
              key={axis}
              {...look(`axis:${axis}`)}
              name={`${capital(axis)} stick`}
              says={percent(frame?.inputs.axes[axis] ?? 0)}
              unused={!used.has(`axis:${axis}`)}
              onPull={pull.start}
            />
          ))}
          {transmitter.controls.map((control) => (
            <Node
              key={control.id}
              {...look(`control:${control.id}`)}
              name={control.name}
              says={
                control.detents.length > 0
                  ? String(hand.controls[control.id] ?? control.rest)
                  : percent(frame?.inputs.controls[control.id] ?? 0)
              }
              unused={!used.has(`control:${control.id}`)}
              onPull={pull.start}
            />
          ))}
        </Column>
        <span />
        <Column
          title="Functions"
          actions={
            <>
              <Button
                look="bare"
                className="min-h-7 px-1.5"
                onClick={() => select(`function:${addFunction(document, false)}`)}
              >
                <Plus size={14} aria-hidden /> Proportional
              </Button>
              <Button
                look="bare"
                className="min-h-7 px-1.5"
                onClick={() => select(`function:${addFunction(document, true)}`)}
              >
                <Plus size={14} aria-hidden /> Switched
              </Button>
            </>
          }
        >
          {(document.functions ?? []).map((fn) => {
            const step = isStepped(fn) ? fn.steps.find((one) => one.id === frame?.steps[fn.id]) : undefined
            return (
              <Node
                key={fn.id}
                {...look(`function:${fn.id}`)}
                name={fn.name}
                says={isStepped(fn) ? (step?.name ?? capital(step?.id ?? '…')) : percent(frame?.functions[fn.id] ?? 0)}
                unused={!fn.drive && !(isStepped(fn) && fn.steps.length === 1)}
                target={pull.over === fn.id}
                bar={frame?.functions[fn.id]}
              />
            )
          })}
          {(document.phases ?? []).length > 1 && (
            <ul aria-label="Phases" className="mt-2 space-y-[3px] text-sm">
              {(document.phases ?? []).map((phase) => (
                <li
                  key={phase.id}
                  data-end={`phase:${phase.id}`}
                  className={`relative flex gap-2 rounded-full border px-3 ${frame?.phase === phase.id ? 'border-sodium bg-raised text-sodium' : 'border-line bg-raised text-muted'}`}
                >
                  <span className="shrink-0">
                    {frame?.phase === phase.id ? '◆' : '◇'} {phase.name}
                  </span>
                  <span className="min-w-0 flex-1 truncate text-right" title={aircraft.words.phases[phase.id]}>
                    {aircraft.words.phases[phase.id] ?? 'else'}
                  </span>
                </li>
              ))}
            </ul>
          )}
        </Column>
        <span />
        <Column
          title="Outputs"
          actions={
            <Button
              look="bare"
              className="min-h-7 px-1.5"
              disabled={(document.outputs ?? []).length >= transmitter.channels}
              onClick={() => {
                const channel = addOutput(document, transmitter.channels)
                if (channel) select(`output:${channel}`)
              }}
            >
              <Plus size={14} aria-hidden /> Channel
            </Button>
          }
        >
          {(document.outputs ?? []).map((output) => {
            const value = frame?.outputs[output.channel]
            return (
              <Node
                key={output.channel}
                {...look(`output:${output.channel}`)}
                name={output.name}
                number={output.channel}
                says={value ? `${value.pulse} µs` : '…'}
                clipped={value?.clipped ?? false}
                unused={(output.feeds ?? []).length === 0}
                bar={value?.signal}
              />
            )
          })}
        </Column>
      </div>
      {moving && <MoveDialog document={document} onClose={() => setMoving(false)} />}
    </div>
  )
}

function Column({ title, actions, children }: { title: string; actions?: React.ReactNode; children: React.ReactNode }) {
  return (
    <section aria-label={title} className="flex min-h-0 min-w-0 flex-col">
      <div className="flex h-8 shrink-0 items-center justify-between">
        <h2 className="text-muted text-sm">{title}</h2>
        <div className="flex">{actions}</div>
      </div>
      <div className="flex min-h-0 flex-1 flex-col justify-start gap-[3px]">{children}</div>
    </section>
  )
}
