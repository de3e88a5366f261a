import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { NoAnswer, Refusal } from '../api/client'
import { old } from '../keep/answers'
import { session } from '../session/session'

const server = vi.hoisted(() => ({
  asked: [] as string[],
  answer: (path: string): unknown => path,
}))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  get: async (path: string) => {
    server.asked.push(path)
    return server.answer(path)
  },
  getUnless: async (path: string) => {
    server.asked.push(path)
    return { answer: server.answer(path) }
  },
}))
vi.mock('../core/core', () => ({ tellShop: () => {}, askOfCall: () => {} }))

const { readTheDay } = await import('./day')

const shop = { settings: { timeZone: 'UTC' } }
const answers: Record<string, unknown> = {
  '/api/calls/shop': shop,
  '/api/codebooks': [{ id: 'red' }],
  '/api/calls/due': [{ id: 'due' }],
  '/api/calls?search=&page=0&size=50': [{ id: 'due' }, { id: 'new' }],
}

/** Without its pauses. */
async function read() {
  let over = false
  void readTheDay().then(() => (over = true))
  while (!over) await vi.advanceTimersByTimeAsync(200)
}

describe('what a day without a radio needs', () => {
  beforeEach(() => {
    server.asked = []
    old.value = null
    vi.useFakeTimers({ toFake: ['setTimeout'] })
  })
  afterEach(() => vi.useRealTimers())

  it('is left for the next time where there is no radio', async () => {
    session.account = { id: 'bea', login: 'bea', name: 'Bea', role: 'LEAD', keepsBooks: false }
    server.answer = (path) => answers[path]
    await read()
    session.account = { ...session.account, id: 'cat' }
    server.answer = () => {
      throw new NoAnswer()
    }
    // Something of hers is kept, and stands in for the answer.
    old.value = 1
    await read()
    expect(server.asked.at(-1)).toBe('/api/calls/shop')
    old.value = null
    server.answer = (path) => answers[path]
    await read()
    expect(server.asked.at(-1)).toBe('/api/calls/new/unit')
  })

  it('is read once, each call once, and what is refused stands in nobody’s way', async () => {
    session.account = { id: 'ann', login: 'ann', name: 'Ann', role: 'LEAD', keepsBooks: false }
    server.answer = (path) => {
      if (path === '/api/calls/due') throw new Refusal(500, 'no')
      return answers[path]
    }
    await read()
    expect(server.asked).toContain('/api/codebooks/red')
    expect(server.asked.filter((path) => path === '/api/calls/due/unit')).toHaveLength(1)
    expect(server.asked.at(-1)).toBe('/api/calls/new/unit')
    const often = server.asked.length
    await read()
    expect(server.asked).toHaveLength(often)
  })
})
