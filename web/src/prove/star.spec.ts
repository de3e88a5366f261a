import { describe, expect, it } from 'vitest'
import { along, beside, bow, CENTRE, coil, TERMINALS } from './star'

describe('winding picture', () => {
  it('draws a coil that ends where it should, with all its turns', () => {
    const path = coil(TERMINALS.A, CENTRE, 6)
    expect(path.match(/A/g)).toHaveLength(6)
    expect(path.endsWith(`${CENTRE.x} ${CENTRE.y}`)).toBe(true)
  })

  it('finds the place of a fault by its depth from the terminal', () => {
    expect(along({ x: 0, y: 0 }, { x: 100, y: 50 }, 0.25)).toEqual({ x: 25, y: 12.5 })
  })

  it('bends a short away from the star point', () => {
    const path = bow(TERMINALS.B, TERMINALS.C, 30)
    const [, control] = /Q([\d.]+ [\d.]+)/.exec(path)!
    expect(Number(control!.split(' ')[1])).toBeGreaterThan(TERMINALS.B.y)
  })

  it('keeps labels clear of the coil', () => {
    const label = beside(TERMINALS.A, CENTRE, 0.5, -30)
    expect(Math.abs(label.x - CENTRE.x)).toBeCloseTo(30)
  })
})
