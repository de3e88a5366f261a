// @vitest-environment node
import { describe, expect, it } from 'vitest'
import { money } from './money'
import { ago, clock, shopZone } from './time'

const now = new Date('2026-11-24T12:00:00Z')
const before = (minutes: number) => new Date(now.getTime() - minutes * 60_000).toISOString()

describe('how long ago', () => {
  it.each([
    [0.5, 'just now'],
    [1, '1 min ago'],
    [59, '59 min ago'],
    [60, '1 h ago'],
    [23 * 60, '23 h ago'],
  ])('%s minutes', (minutes, words) => {
    expect(ago(before(minutes), now)).toBe(words)
  })

  it('gives the day from the second day on', () => {
    expect(ago(before(48 * 60), now)).toBe('Nov 22')
  })
})

describe('a time of day', () => {
  it('is told in the zone of the shop, whatever the zone of the device', () => {
    shopZone.value = 'Asia/Kathmandu'
    expect(clock('2026-11-24T12:00:00Z')).toBe('17:45')
    expect(ago('2026-11-22T19:00:00Z', now)).toBe('Nov 23')
    shopZone.value = 'America/Denver'
    expect(clock('2026-11-24T12:00:00Z')).toBe('05:00')
    shopZone.value = 'UTC'
  })
})

describe('an amount', () => {
  it('has its currency and whole units', () => {
    expect(money(1240.4, 'USD')).toBe('$1,240')
    expect(money(580, 'EUR')).toBe('€580')
  })
})
