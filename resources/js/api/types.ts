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
export type Inputs = Schemas['Inputs']
export type Axis = Schemas['Axis']
export type Thread = Schemas['Thread']
export type Line = Schemas['Line']
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
