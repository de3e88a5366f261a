import { catalogue, plateQuestion } from '../catalogue/catalogue'
import type { Particulars, PlateField, PlateQuestion } from '../api/types'

/** How a thing that a plate says is told: a number, one of a few words, yes or no, a day, a text. */
export type PlateInput =
  | { kind: 'number'; field: PlateField }
  | { kind: 'choice'; options: { value: string; label: string }[]; digits?: boolean }
  | { kind: 'several'; options: { value: string; label: string }[]; none: string }
  | { kind: 'flag' | 'day' | 'text' }

/** How a question of the catalogue is put. */
function put({ kind, words }: PlateQuestion): PlateInput {
  const options = words.map(({ id, title }) => ({ value: id, label: title }))
  switch (kind) {
    case 'CHOICE':
      return { kind: 'choice', options }
    case 'DIGITS':
      return { kind: 'choice', options, digits: true }
    case 'SEVERAL':
      return { kind: 'several', options, none: 'NONE' }
    case 'FLAG':
      return { kind: 'flag' }
    case 'DAY':
      return { kind: 'day' }
    case 'TEXT':
      return { kind: 'text' }
  }
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
  const question = plateQuestion(path)
  return question
    ? { title: question.title, input: put(question) }
    : { title: path, input: { kind: 'text' } }
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
