// @vitest-environment node
import { describe, expect, it } from 'vitest'
import type { Particulars } from '../api/types'
import { corrected, corrections, merged } from './corrections'
import shared from '../../../core/src/test/resources/corrections.json'

const told = (more: object, motor: object = {}, unit: object = {}): Particulars =>
  ({
    place: 'Quay',
    agreed: [],
    ...more,
    motor: { family: 'PSC', ...motor },
    unit,
  }) as unknown as Particulars

describe('what was changed of what is told', () => {
  it('is the fields that were changed here, and nothing that was told elsewhere meanwhile', () => {
    const changes = corrections(told({}), told({ wires: { VSP: 'pink' } }, { horsepower: 0.5 }))
    expect(changes).toEqual([
      { field: 'wires.VSP', was: undefined, now: 'pink' },
      { field: 'motor.horsepower', was: undefined, now: 0.5 },
    ])
    const last = told({ wires: { C: 'blue' } }, { volts: '115' }, { coolingTons: 3 })
    expect(corrected(last, changes)).toEqual(
      told(
        { wires: { C: 'blue', VSP: 'pink' } },
        { volts: '115', horsepower: 0.5 },
        { coolingTons: 3 },
      ),
    )
  })

  it('takes away what was taken away, and says nothing of what is as empty as before', () => {
    const before = told({ mayBe: ['A'], complaint: '' }, { volts: '115' })
    const now = told({ mayBe: [], complaint: ' ' }, { volts: undefined })
    expect(corrections(before, now).map((one) => one.field)).toEqual(['mayBe', 'motor.volts'])
    const after = corrected(before, corrections(before, now))
    expect(after.motor.volts).toBeUndefined()
    expect(after.mayBe).toEqual([])
  })

  it('adds the ticks of two people up', () => {
    const mine = corrections(told({}), told({ agreed: ['a'] }))
    expect(corrected(told({ agreed: ['b'] }), mine).agreed).toEqual(['a', 'b'])
    const off = corrections(told({ agreed: ['a', 'b'] }), told({ agreed: ['b'] }))
    expect(corrected(told({ agreed: ['a', 'b', 'c'] }), off).agreed).toEqual(['b', 'c'])
  })

  it('is from what it was first to what it is last', () => {
    expect(
      merged([
        { field: 'place', was: 'a', now: 'b' },
        { field: 'unit.kind', was: 1, now: 2 },
        { field: 'place', was: 'b', now: 'c' },
      ]),
    ).toEqual([
      { field: 'place', was: 'a', now: 'c' },
      { field: 'unit.kind', was: 1, now: 2 },
    ])
  })

  it.each(shared.cases)('comes to the same here as in the core: $name', ({ changes, after }) => {
    const before = shared.told as unknown as Particulars
    const now = after as unknown as Particulars
    expect(corrected(before, changes)).toEqual(now)
    // Told as a whole, it is taken apart into the same changes.
    expect(corrected(before, corrections(before, now))).toEqual(now)
    const fields = (made: { field: string }[]) => made.map((one) => one.field).sort()
    expect(fields(corrections(before, now))).toEqual(fields(changes))
  })
})
