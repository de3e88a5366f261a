// @vitest-environment node
import { encodeQR } from 'qr'
import { describe, expect, it } from 'vitest'
import { callOn, codeIn } from './label'

const CALL = '3f2504e0-4f89-11d3-9a0c-0305e82c3301'
const TEXT = `Unit: Plover Mill, Attic 3\nFitted: equivalent motor\nCall: ${CALL}`

/** A code as a camera's pixels have it, so many to a square, with as many white ones around. */
function drawn(text: string, square: number) {
  const code = encodeQR(text, 'raw', { border: 4 })
  const width = code.length * square
  const data = new Uint8ClampedArray(width * width * 4).fill(255)
  code.forEach((row, y) =>
    row.forEach((dark, x) => {
      for (let i = 0; dark && i < square * square; i++) {
        const at = 4 * ((y * square + Math.floor(i / square)) * width + x * square + (i % square))
        data.fill(0, at, at + 3)
      }
    }),
  )
  return { width, height: width, data }
}

describe("a unit's label", () => {
  it('names its call', () => {
    expect(callOn(TEXT)).toBe(CALL)
    expect(callOn(` ${CALL}`)).toBeUndefined()
    expect(callOn(CALL.toUpperCase())).toBe(CALL)
    expect(callOn('https://example.org/')).toBeUndefined()
    expect(callOn('Call: 12')).toBeUndefined()
  })

  it('is read off a picture', async () => {
    expect(await codeIn(drawn(TEXT, 6))).toBe(TEXT)
    const dark = new Uint8ClampedArray(400 * 400 * 4)
    expect(await codeIn({ width: 400, height: 400, data: dark })).toBeNull()
  })
})
