import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { NoAnswer } from '../api/client'
import { session } from '../session/session'

const asked = vi.hoisted(() => ({ times: 0, answers: true }))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  getFile: () => {
    asked.times++
    return asked.answers ? Promise.resolve(new Blob(['plate'])) : Promise.reject(new NoAnswer())
  },
}))
vi.mock('./queue', () => ({ onSent: () => () => {} }))

const room = { quota: 1e9, usage: 1e6 }
vi.stubGlobal('navigator', { storage: { estimate: () => Promise.resolve(room) } })

const { keepOnly, keptPhoto } = await import('./photos')
const { dropAnswers, keepPhoto, photoOf } = await import('./answerRows')
const { lookForRoom, roomLeft } = await import('./room')

const ANN = { id: 'ann', login: 'ann', name: 'Ann', role: 'LEAD' as const, keepsBooks: false }
const sized = (bytes: number) => new Blob([new Uint8Array(bytes)])

describe('photos on this device', () => {
  beforeEach(async () => {
    session.account = ANN
    await dropAnswers('ann')
    asked.times = 0
    asked.answers = true
  })

  it('are asked for once, and are here without a radio', async () => {
    expect(await keptPhoto('/one')).toBeDefined()
    asked.answers = false
    expect(await keptPhoto('/one')).toBeDefined()
    expect(asked.times).toBe(1)
    await expect(keptPhoto('/two')).rejects.toThrow(NoAnswer)
  })

  it('are of one account, and gone when it signs out', async () => {
    await keptPhoto('/one')
    session.account = { ...ANN, id: 'bob' }
    asked.answers = false
    await expect(keptPhoto('/one')).rejects.toThrow(NoAnswer)
    await dropAnswers('ann')
    session.account = ANN
    await expect(keptPhoto('/one')).rejects.toThrow(NoAnswer)
  })

  it('go once they are no longer on their call, and no other’s with them', async () => {
    const [one, two, other] = ['c/photos/1', 'c/photos/2', 'd/photos/1'].map(
      (at) => `/api/calls/${at}`,
    )
    for (const path of [one!, two!, other!]) await keptPhoto(path)
    await keepOnly('c', ['2'])
    expect(await photoOf('ann', one!)).toBeUndefined()
    expect(await photoOf('ann', two!)).toBeDefined()
    expect(await photoOf('ann', other!)).toBeDefined()
  })

  it('make room for newer ones, those that came longest ago first', async () => {
    for (const name of ['a', 'b', 'c', 'd']) {
      await keepPhoto('ann', name, sized(40), 100)
      await new Promise((done) => setTimeout(done, 3))
    }
    expect(await photoOf('ann', 'a')).toBeUndefined()
    expect(await photoOf('ann', 'b')).toBeUndefined()
    expect(await photoOf('ann', 'c')).toBeDefined()
    expect(await photoOf('ann', 'd')).toBeDefined()
  })

  it('go where the device has little room, and that is said', async () => {
    await keptPhoto('/one')
    room.usage = room.quota - 30e6
    vi.spyOn(performance, 'now').mockReturnValue(performance.now() + 60_000)
    expect(await lookForRoom()).toBe('none')
    expect(roomLeft.value).toBe(30e6)
    expect(await photoOf('ann', '/one')).toBeUndefined()
    // It is still shown, and not kept.
    expect(await keptPhoto('/one')).toBeDefined()
    expect(await photoOf('ann', '/one')).toBeUndefined()
    room.usage = 1e6
    vi.spyOn(performance, 'now').mockReturnValue(performance.now() + 120_000)
    expect(await lookForRoom()).toBe('enough')
    expect(roomLeft.value).toBeNull()
  })
})
