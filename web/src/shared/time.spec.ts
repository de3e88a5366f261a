// @vitest-environment node
import { afterEach, describe, expect, it } from 'vitest'
import { day, shopZone } from './time'

const usual = shopZone.value

describe('a day', () => {
  afterEach(() => (shopZone.value = usual))

  it.each(['Pacific/Honolulu', 'UTC', 'Pacific/Auckland'])(
    'that was said is that day, also in %s',
    (zone) => {
      shopZone.value = zone
      expect(day('2027-03-28')).toBe('March 28, 2027')
    },
  )

  it('of a moment is that of the shop', () => {
    shopZone.value = 'Pacific/Honolulu'
    expect(day('2027-03-28T02:00:00Z')).toBe('March 27, 2027')
  })
})
