// @vitest-environment node
import { describe, expect, it } from 'vitest'
import { pathOfInk } from './signature'

const line = (...points: [number, number][]) => ({ points: points.map(([x, y]) => ({ x, y })) })

/** As the rules read it. */
const PATH = /^(M\d{1,4} \d{1,4}(L\d{1,4} \d{1,4})+)+$/

describe('a name written by hand', () => {
  it('is kept in a field of its own, whatever the screen’s is', () => {
    expect(pathOfInk([line([0, 0], [100, 30])], 100, 30)).toBe('M0 0L1000 300')
    expect(pathOfInk([line([0, 0], [200, 60])], 400, 120)).toBe('M0 0L500 150')
  })

  it('leaves out what goes over the edge, and points that are one', () => {
    expect(pathOfInk([line([-5, 10], [50, 10], [50, 10], [150, 90])], 100, 30)).toBe(
      'M0 100L500 100L1000 300',
    )
  })

  it('keeps the dot of an i, and takes no dot for a name', () => {
    expect(pathOfInk([line([0, 0], [50, 0]), line([60, 10])], 100, 30)).toBe(
      'M0 0L500 0M600 100L600 102',
    )
    expect(pathOfInk([line([60, 10])], 100, 30)).toBe('')
    expect(pathOfInk([line([60, 10], [61, 10])], 100, 30)).toBe('')
    expect(pathOfInk([], 100, 30)).toBe('')
  })

  it('is thinned where it is long, from its beginning to its end', () => {
    const long = line(
      ...Array.from({ length: 9000 }, (_one, at): [number, number] => [
        (at * 37) % 1000,
        (at * 11) % 300,
      ]),
    )
    const path = pathOfInk([long], 1000, 300)
    expect(path.length).toBeLessThanOrEqual(20_000)
    expect(path).toMatch(PATH)
    expect(path.startsWith('M0 0')).toBe(true)
    expect(path.endsWith(`L${(8999 * 37) % 1000} ${(8999 * 11) % 300}`)).toBe(true)
  })

  it('is nothing where it is strokes without number', () => {
    const strokes = Array.from({ length: 3000 }, (_one, at) => line([at % 900, 0], [at % 900, 9]))
    expect(pathOfInk(strokes, 1000, 300)).toBe('')
  })
})
