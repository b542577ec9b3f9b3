import type { components } from './contract'

type Schemas = components['schemas']

export type Program = Schemas['program.schema']
export type Aircraft = Schemas['Aircraft']
export type AircraftRow = Schemas['AircraftRow']
export type Live = Schemas['Live']
export type Explanation = Schemas['Explanation']
export type Transmitter = Schemas['Transmitter']
export type Control = Schemas['Control']
export type Stores = Schemas['Stores']
export type Problem = Schemas['Problem']
export type Conflict = Schemas['Conflict']
export type Job = Schemas['Job']
export type Differing = Schemas['Differing']
export type Broken = Schemas['Broken']
export type Inputs = Schemas['Inputs']
export type Axis = Schemas['Axis']
export type Thread = Schemas['Thread']
export type Line = Schemas['Line']
export type Proposal = Schemas['Proposal']
export type Recipe = Schemas['Recipe']
export type Setting = Schemas['Setting']
export type Styles = Schemas['Styles']
export type StyleRow = Schemas['StyleRow']
export type Sheet = Schemas['Sheet']
export type Rung = Schemas['rung']
export type Ladder = Schemas['ladder']
export type Curve = Schemas['curve']
/** By name, or written out. */
export type Condition = string | Exclude<Schemas['condition'], string>
export type Phase = Schemas['phase']
export type Proof = Schemas['Proof']
export type Finding = Schemas['Finding']
export type StateCell = Proof['map']['cells'][number]
export type ChannelSlots = Proof['slots'][number]
export type Aboard = Schemas['aboard']
export type Checklists = Schemas['Checklists']
/** A definition of Stores as its document stands. */
export type Definition = Schemas['Named'] & Record<string, unknown>
export type StoreKind =
  | 'transmitters'
  | 'receivers'
  | 'controllers'
  | 'packs'
  | 'speed-controllers'
  | 'sensors'
  | 'scenarios'
export type BoardState = Schemas['BoardState']
export type Arming = Schemas['Arming']
export type SurfaceMove = Schemas['SurfaceMove']
export type Motor = Schemas['Motors']['motors'][number]
export type Binding = Schemas['Binding']
export type Practice = Schemas['Practice']
export type Point = Schemas['Point']
export type SenseLook = Schemas['Sense']
export type SensedValue = SenseLook['values'][number]
export type SpokenCall = SenseLook['calls'][number]
export type Discovery = Schemas['Discovery']
export type Pilot = Schemas['Pilot']
export type Rehearsal = Schemas['Rehearsal']
export type Flown = Required<Rehearsal>
export type Sense = Schemas['sense']
export type Call = Schemas['call']
export type Derived = Schemas['derived']
export type KitLook = Schemas['Kit']
export type StoredController = Stores['controllers'][number]
export type Lead = KitLook['leads'][number]
export type Ruler = Aircraft['ruler']

export type PilotFunction = NonNullable<Program['functions']>[number]
export type ProportionalFunction = Schemas['proportionalFunction']
export type SteppedFunction = Schemas['steppedFunction']
export type Output = Schemas['output']
export type Feed = Schemas['feed']
export type Shape = Schemas['shape']

export function isStepped(fn: PilotFunction): fn is SteppedFunction {
  return 'steps' in fn
}
