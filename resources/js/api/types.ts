import type { components, operations } from './contract'

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
export type MergedEdits = Schemas['MergedEdits']
export type MergeChoices = Schemas['MergeChoices']
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
export type TakenPart = operations['proposeTaken']['requestBody']['content']['application/json']['parts'][number]
export type KitPart = Schemas['part']
export type ThrowUnit = Schemas['ThrowUnit']
export type SurfaceThrow = Schemas['Throws']['surfaces'][number]
export type MovingFunction = Schemas['Throws']['functions'][number]
export type Phase = Schemas['phase']
export type Press = Aircraft['buttons'][string]['press']
export type Proof = Schemas['Proof']
export type Finding = Schemas['Finding']
export type StateCell = Proof['map']['cells'][number]
export type ChannelSlots = Proof['slots'][number]
export type Aboard = Schemas['aboard']
export type Checklists = Schemas['Checklists']
export type Readiness = Schemas['Readiness']
/** How an aircraft stands; null where its program can't run. */
export type Standing = Schemas['ReadinessSummary'] | null
/** The answers to the questions of a new aircraft. */
export type NewAircraft = operations['newAircraft']['requestBody']['content']['application/json']
/** A definition of Stores as its document stands. */
export type Definition = Schemas['Named'] & Record<string, unknown>
export type StoreKind = Schemas['DefinitionKind']
export type BoardState = Schemas['BoardState']
export type Arming = Schemas['Arming']
export type SurfaceMove = Schemas['SurfaceMove']
export type BenchRecord = Schemas['BenchRecord']
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
/** A flight that was rehearsed. */
export type Flown = Required<Rehearsal>
/** A flight, rehearsed or recorded, with what was heard of it: what nothing tells of is null. */
export type Recording = Omit<Flown, Flight> & Partial<Pick<Flown, Flight>>
type Flight = 'script' | 'seed' | 'wind' | 'every' | 'charge' | 'milliwatts'
export type Logbook = Schemas['Logbook']
/** A flight of the logbook, recorded or typed in. */
export type LogbookFlight = Schemas['LogbookFlight']
export type FlightPage = Schemas['FlightPage']
export type RecordingFile = Schemas['RecordingFile']
export type FlightChange = operations['changeFlight']['requestBody']['content']['application/json']
export type ColumnMap = operations['mapColumns']['requestBody']['content']['application/json']
export type Upkeep = Schemas['Upkeep']
export type Packs = Schemas['Packs']
export type Fields = Schemas['Fields']
export type VideoPilot = Schemas['VideoPilot']
export type TakenLogbook = Schemas['TakenLogbook']
export type LaidOver = Schemas['LaidOver']
export type Learned = Schemas['Learned']
export type Sense = Schemas['sense']
export type Call = Schemas['call']
export type Derived = Schemas['derived']
export type GlancePage = Schemas['page']
export type Moment = Schemas['Moment']
export type ToneDocument = Schemas['tone']
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
