import { describe, expect, it, vi } from 'vitest'
import { handle } from './keys'

function press(key: string, target: HTMLElement = document.body, init: KeyboardEventInit = {}) {
  const event = new KeyboardEvent('keydown', { key, ...init })
  Object.defineProperty(event, 'target', { value: target })
  return event
}

function input(className = '') {
  const field = document.createElement('input')
  field.className = className
  return field
}

describe('keys', () => {
  it('n, u, ? and / have their meaning, also while a reading is open', () => {
    const keys = { next: vi.fn(), undo: vi.fn(), help: vi.fn(), search: vi.fn() }
    for (const key of ['n', 'u', '?', '/']) expect(handle(press(key), keys)).toBe(true)
    expect(handle(press('u', input('digits')), keys)).toBe(true)
    expect(keys.undo).toHaveBeenCalledTimes(2)
  })

  it('a field for words keeps its letters', () => {
    const keys = { next: vi.fn() }
    expect(handle(press('n', input()), keys)).toBe(false)
    expect(keys.next).not.toHaveBeenCalled()
  })

  it('a digit goes to the open reading, once', () => {
    const digit = vi.fn()
    expect(handle(press('5'), { digit })).toBe(true)
    expect(handle(press('5', input('digits')), { digit })).toBe(false)
    expect(digit).toHaveBeenCalledTimes(1)
  })

  it('the browser keeps its own shortcuts', () => {
    expect(handle(press('n', document.body, { ctrlKey: true }), { next: vi.fn() })).toBe(false)
  })
})
