import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { NoAnswer, Refusal } from '../api/client'
import { session } from '../session/session'

const server = vi.hoisted(() => ({ answer: (path: string): unknown => path }))
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  get: (path: string) => Promise.resolve(path).then(server.answer),
}))

const { getKept } = await import('../keep/answers')
const { findCodes } = await import('./lookup')

const row = (line: string, pattern: string, meaning: string) => ({
  line,
  signal: 'FLASHES',
  pattern,
  meaning,
  suspects: [],
})
const BOOKS: Record<string, unknown> = {
  '/api/codebooks': [{ id: 'a' }, { id: 'b' }, { id: 'never read' }],
  '/api/codebooks/a': {
    id: 'a',
    name: 'Fernlea indoor',
    rows: [row('Fernlea', '3', 'Locked rotor'), row('Fernlea', '4', 'Low line')],
  },
  '/api/codebooks/b': { id: 'b', name: 'Sallow', rows: [row('Sallow', 'E3', 'Locked rotor')] },
}
const silent = () => {
  throw new NoAnswer()
}
const codes = (hits: { row: { pattern: string } }[]) => hits.map((one) => one.row.pattern)

describe('codes without a radio', () => {
  beforeEach(async () => {
    session.account = { id: 'ann', login: 'ann', name: 'Ann', role: 'LEAD', keepsBooks: false }
    server.answer = (path) => BOOKS[path]
    for (const path of ['/api/codebooks', '/api/codebooks/a', '/api/codebooks/b']) {
      await getKept(path)
    }
    await new Promise((done) => setTimeout(done, 20))
    server.answer = silent
  })

  it('are found by the code itself, whatever its case, and by nothing like it', async () => {
    expect(codes(await findCodes({ pattern: ' e3 ' }))).toEqual(['E3'])
    expect(codes(await findCodes({ pattern: '3' }))).toEqual(['3'])
    expect(await findCodes({ pattern: '33' })).toEqual([])
  })

  it('are found by words that are all there, the book’s name among them', async () => {
    expect(codes(await findCodes({ search: 'locked' }))).toEqual(['3', 'E3'])
    expect(codes(await findCodes({ search: 'LOCKED indoor' }))).toEqual(['3'])
  })

  it('are the server’s where it answers, and what it refuses stands', async () => {
    server.answer = () => ['the server’s']
    expect(await findCodes({ pattern: '3' })).toEqual(['the server’s'])
    server.answer = () => {
      throw new Refusal(422, 'too long')
    }
    await expect(findCodes({ search: 'x' })).rejects.toThrow('too long')
  })
})
