import type { Fact, Value } from '../api/types'
import { readNumber } from '../shared/number'

/** What was typed, as a value of the fact; or what is wrong with it. */
export function parse(fact: Fact, typed: string): { value: Value } | { fault: string } {
  const takesOl = fact.kind === 'OHMS' || fact.kind === 'MEGOHMS'
  if (takesOl && /^o\.?l\.?$/i.test(typed.trim())) return { value: 'OL' }
  const value = readNumber(typed)
  if (value === null) {
    return { fault: `Type a number${takesOl ? ', or OL' : ''}.` }
  }
  if (value < fact.least || value > fact.most) {
    const unit = fact.unit ? ` ${fact.unit}` : ''
    const or = takesOl ? ', or OL' : ''
    return { fault: `Allowed is ${fact.least} to ${fact.most}${unit}${or}.` }
  }
  return { value }
}
