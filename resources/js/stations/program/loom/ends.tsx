import { useHand } from '@/api/hand'
import { useFrame } from '@/api/live'
import type { Axis, Control, Live, Output, Phase, PilotFunction } from '@/api/types'
import { isStepped } from '@/api/types'
import { capital, percent } from '@/parts/words'
import { Node, type Place } from './Node'

type Tied = { at: Place; unused: boolean }

/** What an end carries in a frame, as a signal. */
export function carried(end: string, frame: Live): number {
  const [kind, id] = end.split(':') as [string, string]
  if (kind === 'axis') return frame.inputs.axes[id] ?? 0
  if (kind === 'control') return frame.inputs.controls[id] ?? 0
  if (kind === 'function') return frame.functions[id] ?? 0
  if (kind === 'output') return frame.outputs[id]?.signal ?? 0
  return frame.phase === id ? 1 : 0
}

/** Each end looks at what it shows alone: a stick that moves draws its own way through the loom, and nothing else. */
export function AxisNode({ axis, at, unused }: Tied & { axis: Axis }) {
  const value = useFrame((frame) => frame.inputs.axes[axis]) ?? 0
  return <Node {...at} name={`${capital(axis)} stick`} says={percent(value)} unused={unused} />
}

export function ControlNode({ control, at, unused }: Tied & { control: Control }) {
  const detent = useHand((hand) => hand.controls[control.id])
  const value = useFrame((frame) => frame.inputs.controls[control.id]) ?? 0
  const says = control.detents.length > 0 ? String(detent ?? control.rest) : percent(value)
  return <Node {...at} name={control.name} says={says} unused={unused} />
}

export function FunctionNode({ fn, at }: { fn: PilotFunction; at: Place }) {
  const value = useFrame((frame) => frame.functions[fn.id]) ?? undefined
  const active = useFrame((frame) => frame.steps[fn.id])
  const step = isStepped(fn) ? fn.steps.find((one) => one.id === active) : undefined
  const says = isStepped(fn) ? (step?.name ?? capital(step?.id ?? '…')) : percent(value ?? 0)
  return (
    <Node
      {...at}
      name={fn.name}
      says={says}
      unused={!fn.drive && !(isStepped(fn) && fn.steps.length === 1)}
      bar={value}
    />
  )
}

export function OutputNode({ output, at }: { output: Output; at: Place }) {
  const pulse = useFrame((frame) => frame.outputs[output.channel]?.pulse) ?? null
  const signal = useFrame((frame) => frame.outputs[output.channel]?.signal) ?? undefined
  const clipped = useFrame((frame) => frame.outputs[output.channel]?.clipped) ?? false
  return (
    <Node
      {...at}
      name={output.name}
      number={output.channel}
      says={pulse === null ? '…' : `${pulse} µs`}
      clipped={clipped}
      unused={(output.feeds ?? []).length === 0}
      bar={signal}
    />
  )
}

export function PhaseLine({ phase, when }: { phase: Phase; when: string | null | undefined }) {
  const isActive = useFrame((frame) => frame.phase === phase.id) ?? false
  return (
    <li
      data-end={`phase:${phase.id}`}
      className={`relative flex gap-2 rounded-full border px-3 ${isActive ? 'border-sodium bg-raised text-sodium' : 'border-line bg-raised text-muted'}`}
    >
      <span className="min-w-0 truncate" title={phase.name}>
        {isActive ? '◆' : '◇'} {phase.name}
      </span>
      <span className="min-w-0 flex-1 truncate text-right" title={when ?? 'else'}>
        {when ?? 'else'}
      </span>
    </li>
  )
}
