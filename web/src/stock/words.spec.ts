import { describe, expect, it } from 'vitest'
import type { Quote, Sourced } from '../api/types'
import { buyTitle, daysTitle, stockedWhere, placeName, quoteTitle, sourceTitle } from './words'

const now = new Date().toISOString()
const quote = (more: Partial<Quote>) =>
  ({ number: 'Q', kind: 'RELAY', name: '', asOf: now, doubts: [], ratings: {}, ...more }) as Quote
const sourced = (more: Partial<Sourced>) =>
  ({ kind: 'MOTOR', number: 'M', name: '', quoted: false, ...more }) as Sourced

describe('where parts lie and what they cost, as it is said', () => {
  it('names places', () => {
    expect(placeName('VAN', 'Wren')).toBe('van Wren')
    expect(placeName('SUPPLY_HOUSE', undefined)).toBe('the supply house')
    expect(
      stockedWhere([
        { at: 'VAN', where: 'Wren', count: 2 },
        { at: 'SHELF', where: 'B2', count: 1 },
      ]),
    ).toBe('2 on van Wren, 1 on shelf B2')
    expect(stockedWhere([])).toBe('')
  })

  it('says of a quote what was said, and how long ago', () => {
    expect(quoteTitle(quote({ price: 17, stock: 24, leadDays: 3 }), 'USD')).toBe(
      '$17, 24 in stock, said just now',
    )
    expect(quoteTitle(quote({ price: 17, stock: 0, leadDays: 1 }), 'USD')).toBe(
      '$17, there in 1 day, said just now',
    )
    expect(quoteTitle(quote({}), 'USD')).toBe('no price, stock not said, said just now')
    expect(daysTitle(1)).toBe('1 day')
  })

  it('says of a price of long ago that it may have changed', () => {
    const asOf = new Date(Date.now() - 8 * 86_400_000).toISOString()
    expect(quoteTitle(quote({ price: 17, stock: 1, asOf }), 'USD')).toContain('may have changed')
    expect(sourceTitle(sourced({ at: 'VAN', where: 'W', quoted: true, asOf }))).toContain(
      'may have changed',
    )
  })

  it('says whose price it is', () => {
    expect(sourceTitle(sourced({ at: 'VAN', where: 'Wren', price: 9 }))).toBe('M, on van Wren')
    expect(sourceTitle(sourced({ at: 'SUPPLY_HOUSE', quoted: true, asOf: now }))).toBe(
      'M, at the supply house, its price just now',
    )
    expect(sourceTitle(sourced({ at: 'SUPPLY_HOUSE', asOf: now }))).toBe(
      'M, at the supply house, it said so just now',
    )
    expect(sourceTitle(sourced({}))).toBe('M, nobody has one now')
  })

  it('says what would be ordered', () => {
    expect(buyTitle({ number: 'Q', name: 'Relay', count: 1, asOf: now }, 'USD')).toBe(
      'Q, Relay, no price, said just now',
    )
  })
})
