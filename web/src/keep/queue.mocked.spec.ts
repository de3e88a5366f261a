import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

type Answer = { status: number; body?: unknown }

let answers: Answer[]
let sent: string[]
let radio: boolean
let signedIn: { id: string; login: string; name: string } | null

const TOBIN = { id: 'tobin-id', login: 'tobin', name: 'Tobin Ashgrove' }
const INES = { id: 'ines-id', login: 'ines', name: 'Ines Kallow' }

/** A server that knows who is signed in, and takes a save only under the account that made it. */
function fakeFetch(path: string, init: RequestInit): Promise<Response> {
  if (!radio) {
    if (path !== '/api/session') sent.push(`${path} ${String(init.body)}`)
    return Promise.reject(new TypeError('no network'))
  }
  if (path === '/api/session') {
    return Promise.resolve(new Response(JSON.stringify({ account: signedIn, demo: [] })))
  }
  const account = (init.headers as Record<string, string>)['Rotor-Account']
  if (account !== signedIn?.id) return Promise.resolve(new Response('{}', { status: 401 }))
  sent.push(`${path} ${String(init.body)}`)
  const answer = (answers.shift() ?? { status: 200, body: { ok: true } }) as { status: number }
  return Promise.resolve(
    new Response(JSON.stringify((answer as { body?: unknown }).body ?? {}), {
      status: answer.status,
    }),
  )
}

const change = (n: number) => ({
  id: `id-${n}`,
  path: `/api/calls/c/readings/${n}`,
  body: { n },
  label: `reading ${n}`,
  call: 'c',
})

/** A tab of its own: what it knows in memory it shares with no other. */
async function tab(account = TOBIN) {
  vi.resetModules()
  signedIn = account
  const { session } = await import('../session/session')
  session.account = account as typeof session.account
  const queue = await import('./queue')
  await queue.resume()
  return { ...queue, session, rows: await import('./rows') }
}

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('fetch', fakeFetch)
  vi.stubGlobal('BroadcastChannel', undefined)
  localStorage.clear()
  answers = []
  sent = []
  radio = true
})

afterEach(() => vi.unstubAllGlobals())

const paths = () => sent.map((line) => line.split(' ')[0])

describe('the queue', () => {
  it('keeps a change until the server has it, and sends it again under the same id', async () => {
    const { queue, send, flush, waiting, rows } = await tab()
    radio = false
    await send(change(1))
    expect(waiting()).toHaveLength(1)
    expect(queue.offline).toBe(true)
    expect(await rows.allRows()).toHaveLength(1)
    radio = true
    await flush()
    expect(waiting()).toHaveLength(0)
    expect(await rows.allRows()).toHaveLength(0)
    expect(queue.offline).toBe(false)
    expect(sent).toEqual(['/api/calls/c/readings/1 {"n":1}', '/api/calls/c/readings/1 {"n":1}'])
  })

  it('keeps the order, also of what comes in while offline', async () => {
    const { send, flush } = await tab()
    radio = false
    await send(change(1))
    await send(change(2))
    sent = []
    radio = true
    await flush()
    expect(paths()).toEqual(['/api/calls/c/readings/1', '/api/calls/c/readings/2'])
  })

  it('tries again by itself', async () => {
    const { send, waiting } = await tab()
    const later = vi.spyOn(globalThis, 'setTimeout')
    radio = false
    await send(change(1))
    radio = true
    const retry = later.mock.calls.find(([, wait]) => wait === 3000)
    ;(retry![0] as () => void)()
    await vi.waitFor(() => expect(waiting()).toHaveLength(0))
    later.mockRestore()
  })

  it('survives a reload of the page', async () => {
    const first = await tab()
    radio = false
    await first.send(change(1))
    radio = true
    const second = await tab()
    await vi.waitFor(() => expect(paths()).toHaveLength(2))
    await vi.waitFor(() => expect(second.waiting()).toHaveLength(0))
  })

  it('holds everything when the session has ended', async () => {
    const { send, session, waiting, flush } = await tab()
    signedIn = null
    await send(change(1))
    expect(session.ended).toBe(true)
    expect(waiting()).toHaveLength(1)
    signedIn = TOBIN
    session.ended = false
    await flush()
    await vi.waitFor(() => expect(waiting()).toHaveLength(0))
  })

  it('sets aside what the server refuses, says why, and goes on with the next', async () => {
    const { send, onSent, waiting, refused, rows } = await tab()
    const refusals: string[] = []
    onSent((_save, _result, refusal) => refusals.push(refusal?.of('value') ?? ''))
    answers = [
      { status: 422, body: { detail: 'no', errors: [{ path: 'value', message: 'too much' }] } },
    ]
    await send(change(1))
    await send(change(2))
    expect(refusals).toEqual(['too much', ''])
    expect(waiting()).toHaveLength(0)
    expect(refused().map((row) => row.refused?.errors[0]?.message)).toEqual(['too much'])
    expect(await rows.allRows()).toHaveLength(1)
  })

  it('sets aside what the server fails on again and again, and sends the next', async () => {
    const { send, flush, waiting, refused } = await tab()
    answers = Array.from({ length: 5 }, () => ({ status: 500 }))
    await send(change(1))
    await send(change(2))
    expect(waiting()).toHaveLength(2)
    for (let tries = 0; tries < 3; tries++) await flush()
    expect(refused().map((row) => row.id)).toEqual(['id-1'])
    expect(waiting()).toHaveLength(0)
    expect(paths().at(-1)).toBe('/api/calls/c/readings/2')
  })

  it.each([
    ['a server that is only gone or busy', 503],
    ['a radio that is too slow', 408],
  ])('waits on for %s', async (_what, status) => {
    const { send, flush, waiting, refused } = await tab()
    answers = Array.from({ length: 8 }, () => ({ status }))
    await send(change(1))
    for (let tries = 0; tries < 7; tries++) await flush()
    expect(refused()).toHaveLength(0)
    expect(waiting()).toHaveLength(1)
  })

  it('fetches a new token once, then tells of the refusal', async () => {
    const { send, onSent, waiting } = await tab()
    const statuses: (number | undefined)[] = []
    onSent((_save, _result, refusal) => statuses.push(refusal?.status))
    answers = [{ status: 403 }, { status: 200 }]
    await send(change(1))
    answers = [{ status: 403 }, { status: 403 }]
    await send(change(2))
    expect(statuses).toEqual([undefined, 403])
    expect(waiting()).toHaveLength(0)
  })

  it('never deletes what has not reached the server: a photo that got a 403 stays', async () => {
    const { send, refused, sendAgain, rows } = await tab()
    answers = [{ status: 403 }, { status: 403 }]
    const photo = new Blob(['pixels'], { type: 'image/jpeg' })
    await send({ ...change(1), path: '/api/calls/c/photos/id-1?kind=OTHER', body: photo })
    expect(refused()).toHaveLength(1)
    const again = await tab()
    await vi.waitFor(() => expect(again.refused()).toHaveLength(1))
    expect((await rows.allRows())[0]!.path).toContain('photos')
    await again.sendAgain(again.refused()[0]!)
    expect(await rows.allRows()).toHaveLength(0)
    // The tab that sent it first may ask for it, too: it is the same save, and then it is done there.
    await sendAgain(refused()[0]!)
    await vi.waitFor(() => expect(refused()).toHaveLength(0))
    expect(await rows.allRows()).toHaveLength(0)
  })

  it('sends readings while a photo is still on its way, and what needs the photo after it', async () => {
    const { send, waiting } = await tab()
    let arrive = () => {}
    const usual = globalThis.fetch
    vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
      if (path.endsWith('?kind=OTHER')) await new Promise<void>((done) => (arrive = done))
      return usual(path, init)
    })
    const photo = new Blob(['pixels'], { type: 'image/jpeg' })
    const path = '/api/calls/c/photos/p-1'
    void send({ ...change(1), id: 'p-1', path: `${path}?kind=OTHER`, body: photo })
    await vi.waitFor(() => expect(waiting()).toHaveLength(1))
    await vi.waitFor(() => expect(arrive.toString()).not.toBe('() => {}'))
    void send({ ...change(2), path: `${path}/removals/r-1` })
    void send(change(3))
    await vi.waitFor(() => expect(paths()).toEqual(['/api/calls/c/readings/3']))
    expect(waiting()).toHaveLength(2)
    arrive()
    await vi.waitFor(() => expect(waiting()).toHaveLength(0))
    expect(paths().slice(1)).toEqual([`${path}?kind=OTHER`, `${path}/removals/r-1`])
  })

  it('holds a photo back until its call is with the server', async () => {
    const { send, queue } = await tab()
    radio = false
    await send({ ...change(1), path: '/api/calls/c' })
    await send({ ...change(2), path: '/api/calls/c/photos/p?kind=OTHER', body: new Blob(['x']) })
    expect(queue.offline).toBe(true)
    expect(paths().every((one) => one === '/api/calls/c')).toBe(true)
  })

  it('throws away only by hand', async () => {
    const { send, refused, throwAway, rows } = await tab()
    answers = [{ status: 409 }]
    await send(change(1))
    await throwAway(refused()[0]!)
    expect(await rows.allRows()).toHaveLength(0)
  })

  it('lets a form take the place of what was refused of it, and of nothing else', async () => {
    const { send, refused } = await tab()
    answers = [{ status: 422 }, { status: 422 }]
    await send({ ...change(1), form: 'particulars c' })
    await send(change(2))
    await send({ ...change(3), form: 'particulars c' })
    expect(refused().map((row) => row.id)).toEqual(['id-2'])
  })

  it('keeps the rows of two tabs, also when both are closed before the radio is back', async () => {
    radio = false
    const first = await tab()
    const second = await tab()
    await first.send(change(1))
    await second.send(change(2))
    sent = []
    radio = true
    const third = await tab()
    await vi.waitFor(() => expect(sent).toHaveLength(2))
    expect(paths()).toEqual(['/api/calls/c/readings/1', '/api/calls/c/readings/2'])
    await vi.waitFor(() => expect(third.waiting()).toHaveLength(0))
  })

  it('sends under the account that made it and under no other', async () => {
    const tobin = await tab()
    radio = false
    await tobin.send(change(1))
    radio = true
    sent = []
    const ines = await tab(INES)
    await ines.resume()
    expect(sent).toEqual([])
    expect(ines.waiting()).toHaveLength(0)
    expect(ines.ofOthers().map((row) => row.by)).toEqual(['Tobin Ashgrove'])
    const back = await tab(TOBIN)
    await vi.waitFor(() => expect(back.waiting()).toHaveLength(0))
    expect(paths()).toEqual(['/api/calls/c/readings/1'])
  })

  it('waits when somebody else signed in by another tab', async () => {
    const { send, session, ofOthers } = await tab()
    signedIn = INES
    await send(change(1))
    expect(sent).toEqual([])
    expect(session.account?.login).toBe('ines')
    expect(session.ended).toBe(false)
    expect(ofOthers()).toHaveLength(1)
  })

  it('takes over what an earlier version left waiting', async () => {
    const old = { path: '/api/calls/c/readings/old-id', body: {}, label: 'old', call: 'c' }
    localStorage.setItem('rotor.outbox', JSON.stringify([old]))
    await tab()
    await vi.waitFor(() => expect(paths()).toEqual(['/api/calls/c/readings/old-id']))
    expect(localStorage.getItem('rotor.outbox')).toBeNull()
  })

  it('says when this device can keep nothing more, and still sends', async () => {
    const { queue, send } = await tab()
    vi.stubGlobal('indexedDB', undefined)
    vi.doMock('./rows', async (real) => ({
      ...(await real<typeof import('./rows')>()),
      addRow: () => Promise.reject(new Error('QuotaExceededError')),
    }))
    const full = await tab()
    await full.send(change(1))
    vi.doUnmock('./rows')
    expect(full.queue.fault).toContain('can keep nothing more')
    expect(sent).toHaveLength(1)
    // The tab that can keep goes on keeping.
    expect(queue.fault).toBe('')
    await send(change(2))
    expect(sent).toHaveLength(2)
    expect(queue.fault).toBe('')
  })
})
