import type { Drawing } from '../api/types'

/** The documents of the open format that the core reads and writes, as far as the page uses them. */
export type Ends = [from: string, to: string]

export interface Part {
  id: string
  type: string
  call?: string
  when?: string
  form?: 'NC' | 'NO'
  solidState?: boolean
  speeds?: string[]
  [field: string]: unknown
}

/** A part before the core has named it. */
export type NewPart = Omit<Part, 'id'>

export interface CallRow {
  name: string
  on: string[]
}

export interface WiringDoc {
  format: 'variable-rotor-wiring'
  version: 1
  parts: Part[]
  wires: Ends[]
  calls: CallRow[]
  expect?: { call: string; motor: string }[]
}

export type CallId =
  'COOL' | 'HEAT_PUMP' | 'ELECTRIC_HEAT' | 'GAS_HEAT' | 'FAN' | 'LIMIT' | 'OFF_DELAY'
export type Pattern = 'A' | 'A1' | 'B' | 'C' | 'D' | 'E'

export interface PlanDoc {
  format: 'variable-rotor-plan'
  version: 1
  pattern: Pattern
  role: 'INDOOR_BLOWER' | 'OUTDOOR_FAN'
  cabinet: 'ONE' | 'SPLIT'
  supply: 'LINE_240' | 'LINE_120' | 'LINE_3PH'
  transformerVa?: number
  transformerLoadVa?: number
  stages: string[]
  outputs: 'PLAIN' | 'SOLID_STATE'
  defrost: boolean
  calls: CallId[]
  contactorCalls: CallId[]
  motor: { speeds: string[]; amps?: number; microfarads?: number; capacitorVolts?: number }
  speedFor: Partial<Record<CallId | 'COOL.LOW', string>>
  fanRelay: boolean
  /** Two where nothing is said. */
  contactorPoles?: number
  fanCycling?: boolean
  /** The fan has the second half of the compressor's capacitor. */
  dualCapacitor?: boolean
  /** Of the transformer that feeds the board's outputs, where the relays hang on another. */
  secondTransformerVa?: number
}

export interface Mark {
  wire: Ends
  colour: string
  label: string
}

export interface Tick {
  check: string
  ok: boolean
}

export interface AsWired {
  format: 'variable-rotor-as-wired'
  version: 1
  plan?: PlanDoc
  wiring: WiringDoc
  marks: Mark[]
  ticks: Tick[]
}

export interface Finding {
  kind: string
  severity: 'STOP' | 'CAUTION'
  at: string[]
  sentence: string
}

export interface Run {
  name: string
  motor: string
  motors: Record<string, string>
  relays: string[]
  coilVa: number
  findings: Finding[]
  moments?: { relays: string[]; outputs: Record<string, string> }[]
}

export interface Result {
  ok: boolean
  calls: Run[]
  findings: Finding[]
}

export interface Step {
  n: number
  from: string
  to: string
  circuit: 'GROUND' | 'LINE' | 'MOTOR' | 'CONTROL'
  colour: string
  sentence: string
  /** The factory made it. */
  there: boolean
  /** The plug that brings it with others. */
  plug?: string | null
}

export interface BeforeAfter {
  rows: {
    call: string
    before: string
    after: string
    verdict: 'SAME' | 'ONE_SPEED' | 'LOST' | 'ADDED' | 'WRONG'
    sentence: string
  }[]
  lost: string[]
}

export interface Plan {
  /** What it was made for: without what the pattern does not ask for. */
  plan: PlanDoc
  state: 'OPEN' | 'CONDITIONAL' | 'BLOCKED'
  reasons: { id: string; call?: string; sentence: string }[]
  wiring: WiringDoc
  result: Result
  wires: Step[]
  parts: { type: string; count: number; need: string }[]
  beforeAfter: BeforeAfter
  instead?: PlanDoc
}

export interface Mend {
  off: Ends | null
  on: Ends | null
  sentence: string
}

export interface BenchPart {
  id: string
  type: string
  terminals: string[]
  /** Of these, what need not be shown while nothing goes to it. */
  spare: string[]
}

export interface Progress {
  /** Every wire of the plan, numbered; none without one. */
  planned: Step[]
  toMake: Step[]
  strange: Ends[]
  /** Every wire, with those that are left to make. */
  ahead: Ends[]
  result: Result
  done: boolean
  mend: Mend | null
  beforeAfter?: BeforeAfter
  parts: BenchPart[]
  /** By kind of part, the name that the next one gets. */
  free: Record<string, string>
}

/** One thing done to a wiring. */
export type Edit =
  | { wire: Ends }
  | { wires: Ends[] }
  | { there: Ends; colour: string }
  | { off: Ends }
  | { cap: string }
  | { part: NewPart }
  | { partOff: string }
  | { call: { name: string; on: string[]; motor: string } }
  | { callOff: string }
  | { mend: Mend }
  | { mark: Ends; colour: string; label: string }

export interface PowerCheck {
  id: string
  step: 'OHMS' | 'CONTROL' | 'LINE'
  at: string[]
  ask: string
  wrong: string
  first: boolean
  endangers: 'OHMS' | 'CONTROL' | 'LINE'
}

export interface Exercise {
  plan: PlanDoc
  right: WiringDoc
  wrong: WiringDoc
  off: Ends | null
  on: Ends | null
  findings: Finding[]
}

export interface Drawn {
  drawing: Drawing
}
