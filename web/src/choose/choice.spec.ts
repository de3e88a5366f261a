import { describe, expect, it } from 'vitest'
import type { Fit, Way } from '../api/types'
import { goingOn, sorted } from './choice'
import { pointsTitle } from './words'

const way = (route: string, state: string, more: object = {}): Way =>
  ({ route, state, reasons: [], met: [], loses: [], plan: [], ...more }) as unknown as Way
const because = (id: string) => ({ reasons: [{ id, blocks: true, sentence: '' }] })

describe('ways side by side', () => {
  it('stand in the order that the core gave them, those that are shut apart', () => {
    const { left, blocked } = sorted([
      way('F', 'CONDITIONAL', { firstCost: 900 }),
      way('C', 'OPEN', { firstCost: 200 }),
      way('A', 'CONDITIONAL', { firstCost: 1 }),
      way('E', 'BLOCKED', because('WINDING_FAULTY')),
    ])
    expect(left.map((one) => one.route)).toEqual(['F', 'C', 'A'])
    expect(blocked.map((one) => one.route)).toEqual(['E'])
  })

  it('leave out what this kind of motor has no use for', () => {
    const { left, blocked } = sorted([way('A', 'OPEN'), way('B', 'BLOCKED', because('NO_DRIVE'))])
    expect([...left, ...blocked].map((one) => one.route)).toEqual(['A'])
  })
})

const fit = (route: string, state: string, points: [string, string][] = []): Fit =>
  ({
    route,
    motor: {},
    match: {
      id: 'm',
      state,
      points: points.map(([attribute, at]) => ({ attribute, state: at, sentence: '' })),
    },
  }) as unknown as Fit

describe('motors of the list', () => {
  it('go on a way only where they fit it', () => {
    const fits = [fit('X', 'FITS'), fit('X', 'NO'), fit('Y', 'FITS'), fit('X', 'FITS_WITH')]
    expect(goingOn(fits, 'X' as Way['route']).map((one) => one.match.state)).toEqual([
      'FITS',
      'FITS_WITH',
    ])
  })

  it('say by what they fail, or with what they fit', () => {
    const points: [string, string][] = [
      ['volts', 'CHANGE'],
      ['poles', 'NO'],
      ['kind', 'OK'],
    ]
    expect(pointsTitle(fit('X', 'NO', points).match)).toBe('speed class')
    expect(pointsTitle(fit('X', 'FITS_WITH', points).match)).toBe('voltage')
    expect(pointsTitle(fit('X', 'FITS').match)).toBe('as it is')
    const many = ['volts', 'frame', 'mount', 'plugs', 'hertz', 'poles'].map(
      (one) => [one, 'CHANGE'] as [string, string],
    )
    expect(pointsTitle(fit('X', 'FITS_WITH', many).match)).toMatch(/and 2 more$/)
  })
})
