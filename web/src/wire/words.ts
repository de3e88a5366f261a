import type { CallId, Pattern, PlanDoc, Step } from './types'

/** What is said of patterns, calls and parts. */
export const PATTERNS: Record<Pattern, { title: string; detail: string }> = {
  A: { title: 'Outdoor fan, a relay a stage', detail: 'Either stage runs the one speed.' },
  A1: {
    title: 'Outdoor fan, one relay',
    detail: 'Tidier; ties the outputs of the stages together.',
  },
  B: {
    title: 'Adapter board on the taps',
    detail: 'Each speed tap gives a speed of the new motor.',
  },
  C: { title: 'With the contactor, on loan', detail: 'Runs with the compressor, in one cabinet.' },
  D: { title: 'Drive bypassed', detail: 'Contactor and overload relay, full speed.' },
  E: { title: 'Indoor fan relay', detail: 'Changes over between the cooling and the heat speed.' },
}

export const CALLS: Record<CallId, string> = {
  COOL: 'Cooling',
  HEAT_PUMP: 'Heat pump',
  ELECTRIC_HEAT: 'Electric heat',
  GAS_HEAT: 'Gas heat',
  FAN: 'Fan alone',
  LIMIT: 'Limit open',
  OFF_DELAY: 'Off-delay',
}

/** A row of the table: a call of the plan in words, any other by its own name. */
export function callTitle(name: string): string {
  if (name === 'IDLE') return 'Nothing called'
  if (name === 'DEFROST') return 'Defrost'
  if (name === 'COLD') return 'Low head pressure'
  const low = name.endsWith('.LOW')
  const known = CALLS[(low ? name.slice(0, -4) : name) as CallId]
  return known ? `${known}${low ? ', low stage' : ''}` : name
}

export const TYPES: Record<string, string> = {
  LINE_240: 'Line, 240 V',
  LINE_120: 'Line, 120 V',
  LINE_3PH: 'Line, three phases',
  TRANSFORMER: 'Transformer, 24 V',
  OUTPUT: 'Output of the board',
  CONTACT: 'Contact of the board',
  RELAY: 'Relay',
  CONTACTOR: 'Contactor',
  OVERLOAD: 'Overload relay',
  MOTOR_PSC: 'Motor with capacitor',
  MOTOR_3PH: 'Motor, three phases',
  CAPACITOR: 'Run capacitor',
  ADAPTER: 'Adapter board',
  JOINT: 'Cap or joint',
}

export const CIRCUITS: Record<Step['circuit'], string> = {
  GROUND: 'Ground',
  LINE: 'Line',
  MOTOR: 'Motor',
  CONTROL: '24 V',
}

export const SUPPLIES: Record<PlanDoc['supply'], string> = {
  LINE_240: '240 V',
  LINE_120: '120 V',
  LINE_3PH: 'Three phases',
}

export const motorTitle = (state: string) =>
  state === 'OFF'
    ? 'stands'
    : state === 'RUN'
      ? 'runs'
      : state === 'TWO_SPEEDS'
        ? 'two speeds'
        : state
