import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

type Answer = { status: number; body?: unknown } | 'none'

let answers: Answer[]
let sent: string[]

function fakeFetch(path: string, init: RequestInit): Promise<Response> {
  if (path === '/api/session') {
    return Promise.resolve(new Response(JSON.stringify({ account: { login: 'x' }, demo: [] })))
  }
  sent.push(`${path} ${String(init.body)}`)
  const answer = answers.shift() ?? { status: 200, body: { ok: true } }
  if (answer === 'none') return Promise.reject(new TypeError('no network'))
  return Promise.resolve(new Response(JSON.stringify(answer.body ?? {}), { status: answer.status }))
}

const change = (n: number) => ({
  path: `/api/calls/c/readings/${n}`,
  body: { n },
  label: '',
  call: 'c',
})

beforeEach(() => {
  vi.resetModules()
  vi.useFakeTimers()
  localStorage.clear()
  answers = []
  sent = []
  vi.stubGlobal('fetch', fakeFetch)
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('outbox', () => {
  it('keeps a change until the server has it, and sends it again under the same id', async () => {
    const { outbox, send, flush } = await import('./outbox')
    answers = ['none']
    await send(change(1))
    expect(outbox.waiting.length).toBe(1)
    expect(outbox.offline).toBe(true)
    expect(JSON.parse(localStorage.getItem('rotor.outbox')!)).toHaveLength(1)
    await flush()
    expect(outbox.waiting.length).toBe(0)
    expect(outbox.offline).toBe(false)
    expect(sent).toEqual(['/api/calls/c/readings/1 {"n":1}', '/api/calls/c/readings/1 {"n":1}'])
  })

  it('keeps the order, also of what comes in while offline', async () => {
    const { send, flush } = await import('./outbox')
    answers = ['none', 'none']
    await send(change(1))
    await send(change(2))
    sent = []
    await flush()
    expect(sent.map((line) => line.split(' ')[0])).toEqual([
      '/api/calls/c/readings/1',
      '/api/calls/c/readings/2',
    ])
  })

  it('tries again by itself', async () => {
    const { outbox, send } = await import('./outbox')
    answers = ['none']
    await send(change(1))
    await vi.advanceTimersByTimeAsync(4000)
    expect(outbox.waiting.length).toBe(0)
  })

  it('survives a reload of the page', async () => {
    const first = await import('./outbox')
    answers = ['none']
    await first.send(change(1))
    vi.resetModules()
    const second = await import('./outbox')
    expect(second.outbox.waiting.length).toBe(1)
    await second.flush()
    expect(second.outbox.waiting.length).toBe(0)
  })

  it('holds everything when the session has ended', async () => {
    const { outbox, send } = await import('./outbox')
    const { session } = await import('../session/session')
    answers = [{ status: 401 }]
    await send(change(1))
    expect(session.ended).toBe(true)
    expect(outbox.waiting.length).toBe(1)
  })

  it('drops what the server refuses, and says why', async () => {
    const { outbox, send, onSent } = await import('./outbox')
    const refusals: string[] = []
    onSent((_change, _result, refusal) => refusals.push(refusal?.of('value') ?? ''))
    answers = [
      { status: 422, body: { detail: 'no', errors: [{ path: 'value', message: 'too much' }] } },
    ]
    await send(change(1))
    expect(refusals).toEqual(['too much'])
    expect(outbox.waiting.length).toBe(0)
  })

  it('fetches a new token once, then tells of the refusal', async () => {
    const { outbox, send, onSent } = await import('./outbox')
    const statuses: (number | undefined)[] = []
    onSent((_change, _result, refusal) => statuses.push(refusal?.status))
    answers = [{ status: 403 }, { status: 200 }]
    await send(change(1))
    answers = [{ status: 403 }, { status: 403 }]
    await send(change(2))
    expect(statuses).toEqual([undefined, 403])
    expect(outbox.waiting.length).toBe(0)
  })
})
