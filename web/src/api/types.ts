import type { components } from './schema'

type Schemas = components['schemas']

export type Account = Schemas['Account']
export type DemoAccount = Schemas['DemoAccount']
export type SessionView = Schemas['SessionView']
export type Call = Schemas['CallView']
export type CallRow = Schemas['CallRow']
export type Particulars = Schemas['Particulars']
export type UnitPlate = Schemas['UnitPlate']
export type MotorPlate = Schemas['MotorPlate']
export type Diagnosis = Schemas['DiagnosisView']
export type Station = Schemas['Station']
export type SuspectRow = Schemas['SuspectView']
export type NextTest = Schemas['NextTestView']
export type Answer = Schemas['AnswerView']
export type Winding = Schemas['WindingView']
export type Way = Schemas['WayView']
export type Reading = Schemas['ReadingView']
export type Catalogue = Schemas['Catalogue']
export type Check = Schemas['CheckView']
export type Fact = Schemas['FactView']
export type Settings = Schemas['Settings']
export type Suspect = Station['id']
export type Route = Way['route']
export type Phase = Winding['phases'][number]

/** A reading as it is typed or tapped in. */
export type Value = number | boolean | string
