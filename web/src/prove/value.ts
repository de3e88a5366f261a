import type { Fact, Value } from '../api/types'
import { readNumber } from '../shared/number'

/** What was typed, as a value of the fact; or what is wrong with it. */
export function parse(fact: Fact, typed: string): { value: Value } | { fault: string } {
  if (fact.kind === 'OHMS' && /^o\.?l\.?$/i.test(typed.trim())) return { value: 'OL' }
  const value = readNumber(typed)
  if (value === null) {
    return { fault: `Type a number${fact.kind === 'OHMS' ? ', or OL' : ''}.` }
  }
  if (value < fact.least || value > fact.most) {
    const unit = fact.unit ? ` ${fact.unit}` : ''
    const or = fact.kind === 'OHMS' ? ', or OL' : ''
    return { fault: `Allowed is ${fact.least} to ${fact.most}${unit}${or}.` }
  }
  return { value }
}
