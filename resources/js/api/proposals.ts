import { data, Lost, POST, Refusal } from './client'
import { hand } from './hand'
import type { Axis, Condition, Program, Proposal, StyleRow, TakenPart, ThrowUnit } from './types'
import { workbench } from './workbench'

/** What one stick moved, and whether it went the right way. */
export type Seen = { stick: Axis; moved: Axis; rightWay: boolean }
/** Whether a surface went where it has to, with one stick. */
export type SeenSurface = { channel: number; stick: Axis; rightWay: boolean }
/** How far a surface is from its line: 0 up or left, 1 down or right. */
type Moved = { by: number; way: 0 | 1 }
type Settings = Record<string, number | boolean | string>
type NewPhase = { name: string; when: Condition; fade: number; phase: string }
type Thing = Exclude<keyof StyleRow, 'name' | 'detent' | 'phase' | 'degrees'>

/** Larger edits: the core says what a document would become and what that changes; the pilot applies it, or not. */
export const propose = {
  recipe: (document: Program, recipe: string, settings: Settings) =>
    data(POST('/api/propose/recipe', { body: { document, recipe, settings } })),
  transmitter: (document: Program, transmitter: string) =>
    data(POST('/api/propose/transmitter', { body: { document, transmitter } })),
  restore: (document: Program, aircraft: number, revision: number) =>
    data(POST('/api/propose/restore', { body: { document, aircraft, revision } })),
  rung: (document: Program, rung: number) => data(POST('/api/propose/rung', { body: { document, rung } })),
  trims: (document: Program) => data(POST('/api/propose/trims', { body: { document, inputs: hand.inputs(document) } })),
  addPhase: (document: Program, phase: NewPhase) =>
    data(POST('/api/propose/phase', { body: { document, do: 'add', ...phase } })),
  removePhase: (document: Program, phase: string) =>
    data(POST('/api/propose/phase', { body: { document, do: 'remove', phase } })),
  movePhase: (document: Program, phase: string, by: number) =>
    data(POST('/api/propose/phase', { body: { document, do: 'move', phase, by } })),
  style: (document: Program, row: string, thing: Thing, value: number) =>
    data(POST('/api/propose/style', { body: { document, row, thing, value } })),
  mend: (document: Program, finding: string) => data(POST('/api/propose/mend', { body: { document, finding } })),
  slots: (document: Program, channel: number) => data(POST('/api/propose/slots', { body: { document, channel } })),
  ranges: (document: Program) => data(POST('/api/propose/ranges', { body: { document } })),
  taken: (document: Program, aircraft: number, parts: TakenPart[]) =>
    data(POST('/api/propose/taken', { body: { document, aircraft, parts } })),
  file: (document: Program, file: Record<string, unknown>) =>
    data(POST('/api/propose/file', { body: { document, file } })),
  channel: (document: Program) => data(POST('/api/propose/channel', { body: { document } })),
  kit: (document: Program) => data(POST('/api/propose/kit', { body: { document } })),
  failsafe: (document: Program) => data(POST('/api/propose/failsafe', { body: { document } })),
  sensorSlots: (document: Program) => data(POST('/api/propose/sensor-slots', { body: { document } })),
  level: (document: Program, call: string, place: number, level: number, hysteresis: number) =>
    data(POST('/api/propose/level', { body: { document, call, place, level, hysteresis } })),
  scale: (document: Program, scale: number) => data(POST('/api/propose/scale', { body: { document, scale } })),
  hold: (document: Program, call: string) => data(POST('/api/propose/hold', { body: { document, call } })),
  alarm: (document: Program, value: string, above: boolean, level: number) =>
    data(POST('/api/propose/alarm', { body: { document, value, above, level } })),
  jitter: (document: Program, channel: number, least: number, most: number) =>
    data(POST('/api/propose/jitter', { body: { document, channel, least, most } })),
  ends: (document: Program, channel: number, low: number, centre: number, high: number) =>
    data(POST('/api/propose/ends', { body: { document, channel, low, centre, high } })),
  order: (document: Program, seen: Seen[]) => data(POST('/api/propose/order', { body: { document, seen } })),
  surfaces: (document: Program, seen: SeenSurface[]) =>
    data(POST('/api/propose/surfaces', { body: { document, seen } })),
  measuredThrow: (document: Program, channel: number, unit: ThrowUnit, moved: Moved[], chord: number | null) =>
    data(
      POST('/api/propose/measured-throw', {
        body: { document, channel, unit, moved, ...(chord === null ? {} : { chord }) },
      }),
    ),
  throws: (document: Program, fn: string, unit: ThrowUnit, wanted: { place: string; below: number; above: number }[]) =>
    data(POST('/api/propose/throws', { body: { document, function: fn, unit, wanted } })),
  curve: (document: Program, curve: string, what: string) =>
    data(POST('/api/propose/curve', { body: { document, curve, do: what } })),
}

/** What the stand-in controller reads on a channel, for practice. */
export const readings = (document: Program, channel: number) =>
  data(POST('/api/reading', { body: { document, channel } }))

/** What the stand-in controller and its aircraft answer to sticks, turns and motors, for practice. */
export const practice = (document: Program) => data(POST('/api/practice', { body: { document } }))

/** What went wrong, for the pilot. */
export function said(error: unknown): string {
  if (error instanceof Refusal && 'faults' in error.problem && error.problem.faults.length > 0) {
    return error.problem.faults.map((fault) => fault.says.charAt(0).toUpperCase() + fault.says.slice(1)).join('\n')
  }
  return error instanceof Refusal || error instanceof Lost ? error.message : 'Something went wrong.'
}

/** Takes a proposal over as an edit. */
export const takeOver = (proposal: Proposal, note: string) => workbench.edit(() => proposal.document as Program, note)

/** How often a proposal is asked for again where the draft changed on the way, or no answer came. */
const TRIES = 20
const LOST_TRIES = 5
const WAIT_MS = 700

/** One after the other, in the order in which they were made: each on the draft that the one before has left. */
let queue: Promise<unknown> = Promise.resolve()

type Answer = { proposal: Proposal } | { problem: string }

/**
 * Proposes for the newest draft and applies it at once; gives what was wrong where it was refused. Where the draft
 * changed on the way, as when something else is typed, it proposes again.
 */
export function edit(what: (document: Program) => Promise<Proposal>, note: string): Promise<Answer> {
  const bench = workbench.state.aircraft?.id
  const mine = workbench.during(() => queue.then(() => apply(what, note, bench)))
  queue = mine
  return mine
}

async function apply(
  what: (document: Program) => Promise<Proposal>,
  note: string,
  bench: number | undefined,
): Promise<Answer> {
  let lost = 0
  for (let tried = 0; tried < TRIES; tried++) {
    const { document, aircraft } = workbench.state
    if (!document) return { problem: 'No aircraft is open.' }
    if (aircraft?.id !== bench) return { problem: 'Another aircraft is open now.' }
    try {
      const proposal = await what(document)
      if (workbench.state.document === document) {
        takeOver(proposal, note)
        return { proposal }
      }
    } catch (error) {
      if (!(error instanceof Lost) || ++lost >= LOST_TRIES) return { problem: said(error) }
      await new Promise((done) => window.setTimeout(done, WAIT_MS))
    }
  }
  return { problem: 'The program changed all the while; try again.' }
}
