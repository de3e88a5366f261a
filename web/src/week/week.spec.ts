// @vitest-environment node
import { describe, expect, it } from 'vitest'
import type { LoanRow, OrderRow, TurnedOut, Week } from '../api/types'
import { byStand, inVain, lines, mistakes, right } from './week'

const turned = (one: Partial<TurnedOut>) =>
  ({
    was: 'NO',
    said: ['MODULE'],
    found: ['HARNESS'],
    bought: true,
    firstCost: 500,
    currency: 'USD',
    ...one,
  }) as TurnedOut
const YES = turned({ was: 'YES', found: ['MODULE'], bought: false })

const week = (one: Partial<Week>) =>
  ({
    today: '2026-11-30',
    days: 90,
    open: 0,
    calls: [],
    bypassed: [],
    comebacks: [],
    claims: [],
    turned: [],
    ...one,
  }) as unknown as Week

describe('the week', () => {
  it('counts right and wrong only where something had been said and is known', () => {
    const unknown = turned({ was: 'UNKNOWN', found: [] })
    const unsaid = turned({ said: [], bought: false })
    expect(right([YES, turned({}), unknown, unsaid])).toEqual({ right: 1, of: 2 })
    expect(right([])).toEqual({ right: 0, of: 0 })
  })

  it('adds what was bought in vain by currency, and nothing that has no price', () => {
    const euros = turned({ currency: 'EUR', firstCost: 90 })
    expect(inVain([turned({}), turned({ firstCost: 250 }), euros, YES])).toEqual({
      USD: 750,
      EUR: 90,
    })
    expect(inVain([turned({ firstCost: undefined })])).toEqual({})
  })

  it('tells the commonest mistake first, with its calls', () => {
    const board = turned({ said: ['COMMAND'], found: ['SUPPLY'] })
    const told = mistakes([board, turned({}), turned({}), YES, turned({ said: [] })])
    expect(told.map((one) => [one.said, one.found, one.calls.length])).toEqual([
      [['MODULE'], ['HARNESS'], 2],
      [['COMMAND'], ['SUPPLY'], 1],
    ])
  })

  it('says what is due, late and bought in vain, and nothing of what is nought', () => {
    const calls = [{ due: '2026-11-29', stand: 'WAITING' }, { stand: 'PROVING' }] as Week['calls']
    const told = lines(
      week({ open: 2, calls, turned: [YES, turned({})] }),
      [{ late: true }, { late: false }] as OrderRow[],
      [] as LoanRow[],
    )
    expect(told.map((one) => `${one.figure} ${one.sentence}`)).toEqual([
      '2 calls are open; 1 is due.',
      '2 parts are on order; 1 is late.',
      '1 of 2 calls was what had been said; for 1 a part was bought in vain.',
    ])
    expect(told.map((one) => one.calls)).toEqual([true, true, true])
    expect(lines(week({}), [], []).map((one) => one.sentence)).toEqual(['calls are open.'])
  })

  it('groups open calls by where they stand', () => {
    const calls = [{ stand: 'PROVING' }, { stand: 'WAITING' }, { stand: 'PROVING' }, {}]
    const grouped = byStand(calls as Week['calls'])
    expect(grouped.map(([place, all]) => [place, all.length])).toEqual([
      ['PROVING', 2],
      ['WAITING', 1],
      ['', 1],
    ])
  })
})
