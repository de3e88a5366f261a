import type { Fact, Value } from '../api/types'

/** What was typed, as a value of the fact; or what is wrong with it. */
export function parse(fact: Fact, typed: string): { value: Value } | { fault: string } {
  const text = typed.trim().replace(',', '.')
  if (fact.kind === 'OHMS' && /^o\.?l\.?$/i.test(text)) return { value: 'OL' }
  if (!/^[-+]?(\d+\.?\d*|\.\d+)$/.test(text)) {
    return { fault: `Type a number${fact.kind === 'OHMS' ? ', or OL' : ''}.` }
  }
  const value = Number(text)
  if (value < fact.least || value > fact.most) {
    const unit = fact.unit ? ` ${fact.unit}` : ''
    const or = fact.kind === 'OHMS' ? ', or OL' : ''
    return { fault: `Allowed is ${fact.least} to ${fact.most}${unit}${or}.` }
  }
  return { value }
}
