import { catalogue } from '../catalogue/catalogue'
import type { Particulars, PlateField } from '../api/types'

/** How a thing that a plate says is told: a number, one of a few words, yes or no, a day, a text. */
export type PlateInput =
  | { kind: 'number'; field: PlateField }
  | { kind: 'choice'; options: { value: string; label: string }[]; digits?: boolean }
  | { kind: 'several'; options: { value: string; label: string }[]; none: string }
  | { kind: 'flag' | 'day' | 'text' }

const words = (pairs: [string, string][]) => pairs.map(([value, label]) => ({ value, label }))
const VOLTS = ['115', '208-230', '115/208-230', '277', '460']

const OTHERS: Record<string, { title: string; input: PlateInput }> = {
  'motor.volts': {
    title: 'Line voltage on the plate',
    input: { kind: 'choice', digits: true, options: words(VOLTS.map((one) => [one, one])) },
  },
  'motor.frame': { title: 'Frame', input: { kind: 'text' } },
  'motor.rotation': {
    title: 'Rotation, seen from the shaft end',
    input: {
      kind: 'choice',
      options: words([
        ['CW', 'Clockwise'],
        ['CCW', 'Counter-clockwise'],
        ['REVERSIBLE', 'Reversible'],
        ['SELF_FINDING', 'Finds it itself'],
      ]),
    },
  },
  'motor.mount': {
    title: 'Mount',
    input: {
      kind: 'choice',
      options: words([
        ['BELLY_BAND', 'Belly band'],
        ['LUGS', 'Lugs'],
        ['STUDS', 'Studs'],
        ['CASSETTE', 'Cassette'],
      ]),
    },
  },
  'motor.enclosure': {
    title: 'Enclosure',
    input: {
      kind: 'choice',
      options: words([
        ['OPEN', 'Open'],
        ['TOTALLY_ENCLOSED', 'Totally enclosed'],
      ]),
    },
  },
  'motor.connection': {
    title: 'Windings joined in',
    input: {
      kind: 'choice',
      options: words([
        ['STAR', 'Star'],
        ['DELTA', 'Delta'],
      ]),
    },
  },
  'motor.moduleRemovable': {
    title: 'Does the module come off the motor?',
    input: { kind: 'flag' },
  },
  'motor.moduleSoldAlone': { title: 'Is the module sold alone?', input: { kind: 'flag' } },
  'unit.boardNeedsFeedback': {
    title: 'Does the board wait for a speed signal?',
    input: { kind: 'flag' },
  },
  'unit.feedbackCanBeDisabled': {
    title: "Can the board's proof of speed be switched off?",
    input: { kind: 'flag' },
  },
  'unit.otherHeatOrCooling': {
    title: 'Other heat or cooling in the building?',
    input: { kind: 'flag' },
  },
  'motor.programmed': { title: 'Is it programmed for this unit?', input: { kind: 'flag' } },
  'motor.feedback': { title: 'Does it send a speed signal?', input: { kind: 'flag' } },
  'running.staging': {
    title: 'Stages of cooling',
    input: {
      kind: 'choice',
      options: words([
        ['ONE', 'One'],
        ['TWO', 'Two'],
        ['INVERTER', 'Inverter'],
      ]),
    },
  },
  'unit.heating': {
    title: 'Heat in this unit',
    input: {
      kind: 'several',
      options: words([
        ['GAS', 'Gas'],
        ['ELECTRIC', 'Electric'],
        ['HEAT_PUMP', 'Heat pump'],
        ['HYDRONIC', 'Hot water'],
        ['NONE', 'None'],
      ]),
      none: 'NONE',
    },
  },
  'unit.role': { title: 'Role', input: { kind: 'text' } },
  'unit.installed': { title: 'Installed', input: { kind: 'day' } },
  'unit.warrantyUntil': { title: 'Warranty until', input: { kind: 'day' } },
}

/** The title of a field, and how it is told. */
export function plateField(path: string): { title: string; input: PlateInput } {
  const [of, id] = path.split('.')
  const numbers = {
    motor: catalogue.value?.motorPlate,
    unit: catalogue.value?.unitPlate,
    running: catalogue.value?.running,
  }[of ?? '']
  const field = numbers?.find((one) => one.id === id)
  if (field) return { title: field.title, input: { kind: 'number', field } }
  if (path === 'unit.kind') {
    const kinds = catalogue.value?.unitKinds ?? []
    return {
      title: 'Kind of unit',
      input: {
        kind: 'choice',
        options: kinds.map(({ id, title }) => ({ value: id, label: title })),
      },
    }
  }
  return OTHERS[path] ?? { title: path, input: { kind: 'text' } }
}

type Of = 'motor' | 'unit' | 'running'
type Plate = Record<string, unknown>

function split(path: string): [Of, string] {
  const [of, id] = path.split('.')
  return [of as Of, id!]
}

export function plateValue(told: Particulars, path: string): unknown {
  const [of, id] = split(path)
  return (told[of] as unknown as Plate | undefined)?.[id]
}

/** Of several that may be told together one more or one less; the word for none stands alone. */
export function toggled(told: string[], one: string, none: string): string[] {
  if (told.includes(one)) return told.filter((it) => it !== one)
  return one === none ? [none] : [...told.filter((it) => it !== none), one]
}

export function putPlate(told: Particulars, path: string, value: unknown) {
  const [of, id] = split(path)
  told[of] ??= {} as never
  const plate = told[of] as unknown as Plate
  plate[id] = value === '' ? undefined : value
}
