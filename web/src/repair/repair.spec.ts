// @vitest-environment node
import { describe, expect, it } from 'vitest'
import {
  nextOf,
  type ProofDoc,
  type RepairCheck,
  valuesOf,
  withLimits,
  withReadings,
} from './repair'

const check = (id: string, state: RepairCheck['state']): RepairCheck => ({
  id,
  title: id,
  state,
  limit: [],
  sentence: '',
  leadsTo: [],
  asks: [id],
})

const doc: ProofDoc = {
  format: 'variable-rotor-proof',
  version: 1,
  way: 'FIXED_SPEED',
  unit: { role: 'INDOOR_BLOWER' },
  fitted: { family: 'PSC' },
  readings: [
    { id: 'amps', value: 2 },
    { id: 'code', value: 'E4' },
  ],
}

describe('the proof of a repair', () => {
  it('leads to what failed before what is not seen yet', () => {
    const checks = [check('a', 'PASS'), check('b', 'NOT_YET'), check('c', 'FAIL')]
    expect(nextOf(checks)?.id).toBe('c')
    expect(nextOf(checks.slice(0, 2))?.id).toBe('b')
    expect(nextOf(checks.slice(0, 1))).toBeUndefined()
  })

  it('puts what is read now in the place of what was read before, and takes away what is emptied', () => {
    const next = withReadings(doc, { amps: 3, code: undefined, 'run.COOL': 'RUNS' })
    expect(next.readings).toEqual([
      { id: 'amps', value: 3 },
      { id: 'run.COOL', value: 'RUNS' },
    ])
    expect(withReadings(doc, { code: '' }).readings[1]).toEqual({ id: 'code', value: '' })
    expect(doc.readings).toHaveLength(2)
    expect(valuesOf(doc, ['amps', 'tap'])).toEqual({ amps: 2 })
  })

  it('keeps what the unit and the motor are beside what their plates allow', () => {
    const told = withLimits(doc, { amps: 4, rise: [20, 50] })
    expect(told.unit).toMatchObject({ role: 'INDOOR_BLOWER', riseF: [20, 50] })
    expect(told.fitted).toMatchObject({ family: 'PSC', fullLoadAmps: 4 })
  })
})
