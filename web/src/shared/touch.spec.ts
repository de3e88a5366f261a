// @vitest-environment node
import { expect, it } from 'vitest'
import { useSingleTouch } from './touch'

it('takes a double tap for one touch, and the next touch for the next', () => {
  let at = 1000
  const single = useSingleTouch(() => at)
  const touches = [0, 180, 349, 351, 700, 2000].map((later) => {
    at = 1000 + later
    return single(['rotation', 'RIGHT'])
  })
  expect(touches).toEqual([true, false, false, true, false, true])
  expect(single(['rotation', 'WRONG'])).toBe(true)
})
