import { catalogue } from '../catalogue/catalogue'
import type { WiringWords } from '../api/types'

/** What is said of patterns, calls and parts: the core's own words. */
const words = (of: 'equipment' | 'calls' | 'parts' | 'lines' | 'circuits') =>
  catalogue.value?.wiring[of] ?? []

type Words = typeof words
const title = (of: Parameters<Words>[0], id: string) =>
  words(of).find((one) => one.id === id)?.title ?? id

export const patterns = (): WiringWords['patterns'] => catalogue.value?.wiring.patterns ?? []
export const patternTitle = (id: string) => patterns().find((one) => one.id === id)?.title ?? id

/** The calls that a unit can have. */
export const equipment = () => words('equipment')
/** A row of the table: a call of the plan in words, any other by its own name. */
export const callTitle = (name: string) => title('calls', name)
export const partTypes = () => words('parts')
export const partTitle = (type: string) => title('parts', type)
export const circuitTitle = (id: string) => title('circuits', id)
export const lines = () => words('lines')

export const motorTitle = (state: string) =>
  state === 'OFF'
    ? 'stands'
    : state === 'RUN'
      ? 'runs'
      : state === 'TWO_SPEEDS'
        ? 'two speeds'
        : state
