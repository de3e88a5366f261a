import 'fake-indexeddb/auto'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, type EffectScope } from 'vue'
import { NoAnswer, Refusal } from '../api/client'
import { catalogue } from '../catalogue/catalogue'
import { throwAway, waiting, refused } from '../keep/queue'
import { session } from '../session/session'

interface Log {
  format: string
  id: string
  changedAt: string
  readings: { id: string; retracted: boolean; spoken: string }[]
}

const server = vi.hoisted(() => ({
  get: (path: string): unknown => path,
  put: (path: string, body: unknown): unknown => [path, body],
}))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  get: async (path: string) => server.get(path),
  getUnless: async (path: string) => ({ answer: server.get(path) }),
  request: async (_method: string, path: string, body: unknown) => server.put(path, body),
}))
const rules = vi.hoisted(() => ({ broken: false, apart: false, shop: {} as object }))
vi.mock('../core/core', () => ({
  Faulty: class extends Error {
    faults = [{ path: 'log.wording', message: 'another' }]
  },
  tellShop: () => {},
  askOfCall: async (
    shop: object,
    _verb: string,
    { log, saves }: { log: Log; saves: { id: string; kind: string; body: { value: number } }[] },
  ) => {
    rules.shop = shop
    if (rules.broken) throw new Error('no rules')
    if (rules.apart) throw new Faulty([])
    const read = saves.filter((one) => one.kind === 'readings')
    return view({
      ...log,
      readings: [
        ...log.readings,
        ...read.map((one) => ({ id: one.id, retracted: false, spoken: `${one.body.value} V` })),
      ],
    })
  },
}))

const { openCall } = await import('./call')
const { Faulty } = await import('../core/core')

const CALL = '00000000-0000-4000-8000-00000000000c'
const log = (at: string, ...volts: number[]): Log => ({
  format: 'variable-rotor-log',
  id: CALL,
  changedAt: `2026-11-30T08:00:${at}Z`,
  readings: volts.map((one) => ({ id: `r${one}`, retracted: false, spoken: `${one} V` })),
})
const view = (of: Log) => ({
  ...of,
  decisions: [],
  particulars: {},
  settings: { timeZone: 'UTC' },
})
const both = (of: Log) => ({ view: view(of), log: of })
const answers = (call: unknown) => (path: string) =>
  path === '/api/calls/shop' ? { settings: { timeZone: 'UTC' } } : call

let scope: EffectScope
async function opened() {
  scope = effectScope()
  const open = scope.run(() => openCall(CALL))!
  await open.load()
  await flushPromises()
  return open
}
const shown = (open: Awaited<ReturnType<typeof opened>>) =>
  open.loaded.value!.readings.map((one) => one.spoken)
const settled = async () => {
  for (let i = 0; i < 12; i++) {
    await new Promise((done) => setTimeout(done, 2))
    await flushPromises()
  }
}

describe('a call on the device', () => {
  beforeEach(() => {
    catalogue.value = { facts: {} } as never
    session.account = { id: 'ann', login: 'ann', name: 'Ann', role: 'LEAD', keepsBooks: false }
    rules.broken = false
    rules.apart = false
    server.get = answers(both(log('01', 230)))
  })
  afterEach(async () => {
    scope.stop()
    for (const row of [...waiting(), ...refused()]) await throwAway(row)
  })

  it('counts what is entered at once, and jumps back at no answer', async () => {
    const open = await opened()
    let answered: (log: Log) => void = () => {}
    server.put = () => new Promise((done) => (answered = done))
    void open.record('line.volts', 231)
    await settled()
    expect(shown(open)).toEqual(['230 V', '231 V'])
    answered(log('02', 230, 231))
    await settled()
    expect(shown(open)).toEqual(['230 V', '231 V'])
    expect(waiting()).toEqual([])
  })

  it('takes no older answer for a newer one', async () => {
    const open = await opened()
    let late: (answer: unknown) => void = () => {}
    const said = new Promise((done) => (late = done))
    server.get = answers(said)
    const looking = open.look(null)
    server.put = () => log('02', 230, 231)
    await open.record('line.volts', 231)
    await settled()
    server.get = answers(both(log('02', 230, 231)))
    late(both(log('01', 230)))
    await looking
    expect(shown(open)).toEqual(['230 V', '231 V'])
  })

  it('shows what is kept no more once something newer was said', async () => {
    const open = await opened()
    server.put = () => log('02', 230, 231)
    await open.record('line.volts', 231)
    await settled()
    server.get = () => {
      throw new NoAnswer()
    }
    await open.look(null)
    expect(shown(open)).toEqual(['230 V', '231 V'])
    // Opened anew without a radio, what was sent is there too.
    const again = await opened()
    expect(shown(again)).toEqual(['230 V', '231 V'])
  })

  it('says what the server says where that refuses', async () => {
    const open = await opened()
    server.put = () => {
      throw new Refusal(422, 'no such volts')
    }
    server.get = answers(both(log('03', 230, 240)))
    await open.record('line.volts', 999)
    await settled()
    expect(shown(open)).toEqual(['230 V', '240 V'])
    expect(open.refusal.value?.refusal.message).toBe('no such volts')
  })

  it('is the server’s alone where the rules cannot be had, or it says no log', async () => {
    rules.broken = true
    server.put = () => log('02', 230, 231)
    const open = await opened()
    server.get = answers(both(log('02', 230, 231)))
    await open.record('line.volts', 231)
    await settled()
    expect(shown(open)).toEqual(['230 V', '231 V'])
    server.get = answers(view(log('04', 235)))
    const older = await opened()
    expect(shown(older)).toEqual(['235 V'])
    expect(older.apart.value).toBe(true)
  })

  it('says where page and server do not know each other’s logs', async () => {
    const open = await opened()
    expect(open.apart.value).toBe(false)
    rules.apart = true
    server.put = () => log('02', 230, 231)
    server.get = answers(both(log('02', 230, 231)))
    await open.record('line.volts', 231)
    await settled()
    expect(shown(open)).toEqual(['230 V', '231 V'])
    void open.record('line.volts', 232)
    await settled()
    expect(open.apart.value).toBe(true)
  })

  it('is worked out with what the shop brings now', async () => {
    const open = await opened()
    const dearer = { settings: { timeZone: 'UTC' }, motors: ['dearer'] }
    server.get = (path) => (path === '/api/calls/shop' ? dearer : both(log('02', 230)))
    await open.look(null)
    await open.choice({})
    expect(rules.shop).toEqual(dearer)
  })

  it('takes one reading back with each touch', async () => {
    server.get = answers(both(log('01', 230, 231)))
    const open = await opened()
    const back: unknown[] = []
    server.put = (_path, body) => {
      back.push((body as { reading: string }).reading)
      throw new NoAnswer()
    }
    void open.undo()
    void open.undo()
    await settled()
    expect(waiting().map((one) => (one.body as { reading: string }).reading)).toEqual([
      'r231',
      'r230',
    ])
  })
})
