// @vitest-environment node
import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import type { Refusal } from '../api/client'

const listeners = new Set<(save: { id: string }, result: unknown, no: Refusal | null) => void>()
const sent: { id: string; path: string }[] = []
vi.mock('../keep/queue', () => ({
  onSent: (listener: never) => {
    listeners.add(listener)
    return () => listeners.delete(listener)
  },
  send: async (save: { id: string; path: string }) => void sent.push(save),
  waiting: () => sent,
}))
const { useSaves } = await import('./saves')

afterEach(() => {
  listeners.clear()
  sent.length = 0
})

describe('changes of one part of the page', () => {
  it('hears of its own saves alone, and of no more once it is gone', async () => {
    const taken: unknown[] = []
    const scope = effectScope()
    const saves = scope.run(() => useSaves((result) => taken.push(result)))!
    const id = await saves.save('/api/x', { count: 1 }, 'A count')
    await flushPromises()
    expect(sent[0]!.path).toBe(`/api/x/${id}`)
    expect(saves.unsent.value).toBe(1)
    listeners.forEach((listener) => listener({ id: 'another' }, 'not mine', null))
    listeners.forEach((listener) => listener({ id }, 'mine', null))
    expect(taken).toEqual(['mine'])
    listeners.forEach((listener) => listener({ id }, undefined, { message: 'No.' } as Refusal))
    expect(saves.refusal.value?.message).toBe('No.')
    scope.stop()
    expect(listeners.size).toBe(0)
  })
})
