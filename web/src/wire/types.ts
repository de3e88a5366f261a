import type { components } from '../core/answers'

/** The documents of the open format that the rules read and write, by the names of this room. */
type Schemas = components['schemas']

export type AsWired = Schemas['AsWired']
export type BeforeAfter = Schemas['BeforeAfter']
export type ShownPart = Schemas['ShownPart']
export type CallId = PlanDoc['calls'][number]
/** One thing done to a wiring. */
export type Edit = Schemas['Edit']
export type Ends = Schemas['Ends']
export type Exercise = Schemas['Exercise']
export type Finding = Schemas['Finding']
export type Mark = Schemas['Mark']
export type Mend = Schemas['Mend']
/** A part before the core has named it. */
export type NewPart = Extract<Edit, { part: unknown }>['part']
export type Pattern = PlanDoc['pattern']
export type Plan = Schemas['Plan']
export type PlanDoc = Schemas['PlanDoc']
export type PowerCheck = Schemas['PowerCheck']
export type Progress = Schemas['Progress']
export type Result = Schemas['Result']
export type Run = Schemas['Run']
/** A wire of a plan, numbered. */
export type Step = Schemas['Wire']
export type Tick = Schemas['Tick']
export type WiringDoc = Schemas['WiringDoc']
