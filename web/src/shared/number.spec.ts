// @vitest-environment node
import { describe, expect, it } from 'vitest'
import { readNumber } from './number'

describe('a number as it is typed', () => {
  it.each([
    ['12', 12],
    [' 3,5 ', 3.5],
    ['.5', 0.5],
    ['-4.', -4],
    ['1/3', 1 / 3],
    ['½', 0.5],
    ['1½', 1.5],
    ['1 1/2', 1.5],
    ['1/0', null],
    ['1/2/3', null],
    ['', null],
    ['1e9', null],
    ['0x10', null],
    ['1.2.3', null],
    ['OL', null],
  ])('%s', (typed, number) => {
    expect(readNumber(typed)).toBe(number)
  })
})
