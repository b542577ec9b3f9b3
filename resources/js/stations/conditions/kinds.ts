import type { Aircraft, Condition, Program } from '@/api/types'
import { isStepped } from '@/api/types'
import type { Option } from '@/parts/Choice'

type Whole = Exclude<Condition, string>

/** What isn't chosen yet; no condition has this name. */
export const OPEN = ''

/** How conditions are put together, and what happens in time. */
const TOGETHER = [
  { id: 'kind:all', name: 'All of several', group: 'Together' },
  { id: 'kind:any', name: 'One of several', group: 'Together' },
  { id: 'kind:not', name: 'Not so', group: 'Together' },
  { id: 'kind:single', name: 'A single press', group: 'In time' },
  { id: 'kind:double', name: 'A double press', group: 'In time' },
  { id: 'kind:held', name: 'Held for a while', group: 'In time' },
  { id: 'kind:toggle', name: 'Each time changes over', group: 'In time' },
  { id: 'kind:latch', name: 'From one thing until another', group: 'In time' },
]

/** The conditions inside one, as far as they are chosen. */
export function partsOf(condition: Condition): Condition[] {
  if (typeof condition === 'string') return []
  if ('all' in condition) return condition.all
  if ('any' in condition) return condition.any
  if ('not' in condition) return [condition.not]
  if ('held' in condition) return [condition.held]
  if ('toggle' in condition) return [condition.toggle]
  if ('taps' in condition) return [condition.taps]
  if ('latch' in condition) return [condition.latch.set, condition.latch.reset]
  return []
}

/** Nothing in it is left to choose. */
export const isWhole = (condition: Condition): boolean => condition !== OPEN && partsOf(condition).every(isWhole)

/** The same with other parts. */
export function withParts(condition: Whole, parts: Condition[]): Condition {
  const [first = OPEN, second = OPEN] = parts
  if ('all' in condition) return { all: parts }
  if ('any' in condition) return { any: parts }
  if ('not' in condition) return { not: first }
  if ('held' in condition) return { ...condition, held: first }
  if ('toggle' in condition) return { toggle: first }
  if ('taps' in condition) return { ...condition, taps: first }
  if ('latch' in condition) return { latch: { set: first, reset: second } }
  return condition
}

/** What a condition hangs on, as a choice such as `control:left-shoulder`, `step:style` or `kind:all`. */
export function subjectOf(condition: Condition): string {
  if (typeof condition === 'string') return condition === OPEN ? '' : `named:${condition}`
  if ('control' in condition) return `control:${condition.control}`
  if ('step' in condition) return `step:${condition.step[0]}`
  if ('sensor' in condition) return `sensor:${condition.sensor}`
  if ('function' in condition) return `level:${condition.function}`
  if ('phase' in condition) return `phase:${condition.phase}`
  if ('taps' in condition) return condition.count === 2 ? 'kind:double' : 'kind:single'
  return `kind:${Object.keys(condition)[0]}`
}

/** What a condition can hang on, grouped. */
export function subjects(aircraft: Aircraft, document: Program, values: { id: string; name: string; from: string }[]) {
  const functions = document.functions ?? []
  const options: Option[] = [
    ...aircraft.transmitterDefinition.controls.map((one) => ({
      id: `control:${one.id}`,
      name: one.name,
      group: one.detents.length > 0 ? 'Switches and buttons' : 'Dials and sliders',
    })),
    ...functions
      .filter(isStepped)
      .map((one) => ({ id: `step:${one.id}`, name: one.name, group: 'A function is in a step' })),
    ...functions
      .filter((one) => !isStepped(one))
      .map((one) => ({ id: `level:${one.id}`, name: one.name, group: 'A function is past a value' })),
    ...(document.phases ?? [])
      .slice(1)
      .map((one) => ({ id: `phase:${one.id}`, name: one.name, group: 'A phase is active' })),
    ...values.map((one) => ({ id: `sensor:${one.id}`, name: one.name, group: `Telemetry: ${one.from}` })),
    ...Object.keys(document.conditions ?? {}).map((id) => ({ id: `named:${id}`, name: `“${id}”`, group: 'By name' })),
    ...TOGETHER,
  ]
  return options
}

/** The condition that a choice begins; what was there before becomes a part of it. */
export function begun(subject: string, before: Condition, aircraft: Aircraft, document: Program): Condition {
  const [kind, id] = subject.split(':') as [string, string]
  if (kind === 'named') return id
  if (kind === 'sensor') return { sensor: id, above: 0 }
  if (kind === 'phase') return { phase: id }
  if (kind === 'level') return { function: id, above: 0 }
  if (kind === 'control') {
    const detent = aircraft.transmitterDefinition.controls.find((one) => one.id === id)?.detents[0]
    return detent ? { control: id, at: detent } : { control: id, above: 0 }
  }
  if (kind === 'step') {
    const fn = document.functions?.find((one) => one.id === id)
    return { step: [id, fn && isStepped(fn) ? (fn.steps.at(-1)?.id ?? '') : ''] }
  }
  const { within, long } = aircraft.choices.pressTimes
  const parts = partsOf(before)
  const kept = parts.length > 0 ? parts : [before]
  const [first = OPEN, second = OPEN] = kept
  const several = kept.length > 1 ? kept : [first, OPEN]
  switch (id) {
    case 'all':
      return { all: several }
    case 'any':
      return { any: several }
    case 'not':
      return { not: first }
    case 'held':
      return { held: first, seconds: long }
    case 'toggle':
      return { toggle: first }
    case 'latch':
      return { latch: { set: first, reset: second } }
    default:
      return { taps: first, count: id === 'double' ? 2 : 1, within }
  }
}
