// @vitest-environment node
import { describe, expect, it } from 'vitest'
import type { Fact } from '../api/types'
import { parse } from './value'

const ohms: Fact = {
  id: 'winding.ab',
  shortTitle: '',
  title: 'Winding A to B',
  kind: 'OHMS',
  unit: 'Ω',
  least: 0,
  most: 1e8,
  choices: [],
  together: [],
  mayBeUntold: true,
}
const volts: Fact = { ...ohms, id: 'line.volts', kind: 'NUMBER', unit: 'V', most: 1000 }

describe('a typed reading', () => {
  it.each([
    ['5.7', 5.7],
    [' 22 ', 22],
    ['.8', 0.8],
    ['1,6', 1.6],
    ['OL', 'OL'],
    ['ol', 'OL'],
    ['o.l.', 'OL'],
  ])('%s is read as %s', (typed, value) => {
    expect(parse(ohms, typed)).toEqual({ value })
  })

  it.each(['', 'lots', '5.7.1', '1e3', 'NaN', 'Infinity', '--2'])('%s is refused', (typed) => {
    expect(parse(ohms, typed)).toHaveProperty('fault')
  })

  it('says what is allowed', () => {
    expect(parse(ohms, '-3')).toEqual({ fault: 'Allowed is 0 to 100000000 Ω, or OL.' })
    expect(parse(volts, '4000')).toEqual({ fault: 'Allowed is 0 to 1000 V.' })
    expect(parse(volts, 'OL')).toEqual({ fault: 'Type a number.' })
  })
})
