import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useCsv } from './csv'

/** A list whose answer is lost on the way: it is the same list that is asked for again. */
let asked: string[]
let answers: (Response | null)[]

beforeEach(() => {
  vi.useFakeTimers()
  asked = []
  vi.stubGlobal('fetch', (path: string) => {
    asked.push(path)
    const answer = answers.shift()
    return answer ? Promise.resolve(answer) : Promise.reject(new TypeError('no network'))
  })
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const chosen = () => {
  const file = new File(['number\nA'], 'parts.csv', { type: 'text/csv' })
  return { target: { files: [file], value: 'parts.csv' } } as unknown as Event
}

it('asks again under the same id, and says meanwhile that it is not known', async () => {
  answers = [null, null, new Response(JSON.stringify([{ id: 1 }]))]
  const took = vi.fn()
  const { bringIn, busy, fault } = useCsv('/api/stock/imports', took)
  const done = bringIn(chosen())
  await vi.waitFor(() => expect(busy.value).toContain('Not known yet whether parts.csv arrived'))
  await vi.advanceTimersByTimeAsync(10_000)
  await done
  expect(new Set(asked).size).toBe(1)
  expect(asked).toHaveLength(3)
  expect(took).toHaveBeenCalledOnce()
  expect(busy.value + fault.value).toBe('')
})

it('never says that nothing was brought in where that is not known', async () => {
  answers = []
  const { bringIn, busy, fault } = useCsv('/api/stock/imports', vi.fn())
  const done = bringIn(chosen())
  await vi.advanceTimersByTimeAsync(200_000)
  await done
  expect(fault.value).toContain('Not known whether parts.csv was brought in')
  expect(busy.value).toBe('')
})
