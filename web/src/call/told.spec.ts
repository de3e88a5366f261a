import { describe, expect, it } from 'vitest'
import type { Particulars } from '../api/types'
import { changed } from './told'

const told = (more: object, motor: object = {}, unit: object = {}): Particulars =>
  ({ place: 'Quay', ...more, motor: { family: 'PSC', ...motor }, unit }) as unknown as Particulars

describe('a change of what was told', () => {
  it('touches what was changed here, and nothing that was told elsewhere meanwhile', () => {
    const before = told({ wires: {} })
    const now = told({ wires: {} }, { horsepower: 0.5 })
    const last = told({ wires: { VSP: 'pink' } }, { volts: '115' }, { coolingTons: 3 })
    expect(changed(before, now, last)).toEqual(
      told({ wires: { VSP: 'pink' } }, { volts: '115', horsepower: 0.5 }, { coolingTons: 3 }),
    )
  })

  it('keeps how the unit is run beside it', () => {
    const before = told({ running: { airflowCfm: 1200 } })
    const now = told({ running: { airflowCfm: 1200, yearsAhead: 6 } })
    const last = told({ running: { airflowCfm: 1100, hoursPerYear: 2000 } })
    expect(changed(before, now, last).running).toEqual({
      airflowCfm: 1100,
      hoursPerYear: 2000,
      yearsAhead: 6,
    })
  })

  it('takes away what was taken away here', () => {
    const before = told({ mayBe: ['A'] }, { volts: '115' })
    const now = told({ mayBe: [] }, { volts: undefined })
    const merged = changed(before, now, before)
    expect(merged.motor.volts).toBeUndefined()
    expect(merged.mayBe).toEqual([])
    expect(merged.place).toBe('Quay')
  })
})
