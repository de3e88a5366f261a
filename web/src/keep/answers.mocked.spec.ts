import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { NoAnswer, Refusal } from '../api/client'
import { session } from '../session/session'

const asked = vi.hoisted(() => ({ answer: (): unknown => null }))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  get: () => Promise.resolve().then(asked.answer),
  getUnless: (_path: string, known?: string) =>
    Promise.resolve()
      .then(asked.answer)
      .then((answer) => {
        const tag = JSON.stringify(answer)
        return tag === known ? { tag } : { answer, tag }
      }),
}))

const { getChanged, getKept, old } = await import('./answers')
const { answerOf, keepAnswer } = await import('./answerRows')

const silent = () => {
  throw new NoAnswer()
}
const ANN = { id: 'ann', login: 'ann', name: 'Ann', role: 'LEAD' as const, keepsBooks: false }
const settled = () => new Promise((done) => setTimeout(done, 20))

describe('what the server answered last', () => {
  beforeEach(() => {
    session.owed = false
    session.account = ANN
    old.value = null
  })

  it('stands in where no answer comes, and says how old it is', async () => {
    asked.answer = () => ['a call']
    expect(await getKept('/list')).toEqual(['a call'])
    await settled()
    asked.answer = silent
    expect(await getKept('/list')).toEqual(['a call'])
    expect(old.value).toBeLessThanOrEqual(Date.now())
    await expect(getKept('/never')).rejects.toThrow(NoAnswer)
    // What the server refuses stands: the last answer does not hide it.
    asked.answer = () => {
      throw new Refusal(403, 'not yours')
    }
    await expect(getKept('/list')).rejects.toThrow('not yours')
    asked.answer = () => ['newer']
    await getKept('/list')
    expect(old.value).toBeNull()
  })

  it('comes once, where it is large and the same as here', async () => {
    asked.answer = () => ['parts']
    expect((await getChanged('/shop')).answer).toEqual(['parts'])
    const first = await answerOf('ann', '/shop')
    expect((await getChanged('/shop')).answer).toEqual(['parts'])
    // The same, and said anew: it is as old as the last time it was said.
    expect((await answerOf('ann', '/shop'))!.at).toBeGreaterThanOrEqual(first!.at)
    asked.answer = () => ['parts', 'more']
    expect((await getChanged('/shop')).answer).toEqual(['parts', 'more'])
    asked.answer = silent
    const kept = await getChanged('/shop')
    expect(kept.answer).toEqual(['parts', 'more'])
    expect(old.value).toBe(kept.at)
    old.value = null
  })

  it('is of one account, stays where its session ends, and goes where it signs out', async () => {
    asked.answer = () => 'mine'
    await getKept('/mine')
    await settled()
    session.account = { ...ANN, id: 'bob' }
    asked.answer = silent
    await expect(getKept('/mine')).rejects.toThrow(NoAnswer)
    session.account = ANN
    session.account = null
    await settled()
    expect((await answerOf('ann', '/mine'))?.answer).toBe('mine')
    session.account = ANN
    session.owed = true
    session.account = null
    await settled()
    expect(await answerOf('ann', '/mine')).toBeUndefined()
  })

  it('is bounded: what came longest ago makes room, and no one else’s', async () => {
    await keepAnswer('bob', '/his', 1)
    for (let i = 0; i < 5; i++) {
      await keepAnswer('cat', `/${i}`, i, { most: 3 })
      await new Promise((done) => setTimeout(done, 2))
    }
    expect(await answerOf('cat', '/1')).toBeUndefined()
    expect((await answerOf('cat', '/2'))?.answer).toBe(2)
    expect((await answerOf('cat', '/4'))?.answer).toBe(4)
    expect((await answerOf('bob', '/his'))?.answer).toBe(1)
  })
})
