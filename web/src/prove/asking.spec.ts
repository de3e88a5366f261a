// @vitest-environment node
import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import type { Check, NextTest } from '../api/types'
import { useAsking } from './asking'

const check = (id: string, ...facts: string[]) => ({ id, facts }) as Check
const test = (id: string, again = false) => ({ id, again }) as NextTest

/** A call in which line, pairs and frame can be read, and pairs come next. */
function call() {
  const read = ref<{ id: string; fact: string }[]>([])
  const next = ref<{ id: string; again: boolean } | undefined>({ id: 'pairs', again: false })
  const checks = ref([
    check('line', 'line.volts'),
    check('pairs', 'pairs.ab', 'pairs.bc'),
    check('frame', 'frame.ohms'),
  ])
  const asking = useAsking(
    {
      next,
      checks,
      tests: ref([test('pairs'), test('frame', true)]),
      readings: read,
      answered: (id) =>
        checks.value
          .find((one) => one.id === id)!
          .facts.every((fact) => read.value.some((one) => one.fact === fact)),
    },
    null,
  )
  async function reading(fact: string) {
    const more = asking.reading(fact)
    read.value = [...read.value, { id: `${read.value.length}`, fact }]
    await nextTick()
    return more
  }
  /** What was read comes once more, with the server's word of it. */
  async function answer() {
    read.value = read.value.map((one) => ({ ...one }))
    await nextTick()
  }
  return { asking, next, reading, answer }
}

describe('what is asked', () => {
  it('is the next check, until another is taken, until that is answered', async () => {
    const { asking, reading } = call()
    expect(asking.shown.value).toBe('pairs')
    asking.take('line')
    expect(asking.shown.value).toBe('line')
    expect(await reading('line.volts')).toBe(false)
    expect(asking.shown.value).toBe('pairs')
  })

  it('stays at a check of several readings, also when another would now come first', async () => {
    const { asking, next, reading } = call()
    await reading('pairs.ab')
    next.value = { id: 'frame', again: true }
    await nextTick()
    expect(asking.shown.value).toBe('pairs')
    await reading('pairs.bc')
    expect(asking.shown.value).toBe('frame')
  })

  it('asks once more only until each of its readings was read once more', async () => {
    const { asking, reading } = call()
    await reading('pairs.ab')
    await reading('pairs.bc')
    asking.take('pairs', true)
    expect(asking.again.value).toBe(true)
    expect(await reading('pairs.ab')).toBe(true)
    expect(asking.chosen.value).toBe('pairs')
    expect(await reading('pairs.bc')).toBe(true)
    expect(asking.chosen.value).toBeNull()
  })

  it('stays what was taken, though it was answered before, whatever the server says of that', async () => {
    const { asking, reading, answer } = call()
    asking.take('line')
    await reading('line.volts')
    asking.take('line')
    await answer()
    expect(asking.shown.value).toBe('line')
    await reading('frame.ohms')
    expect(asking.shown.value).toBe('line')
    await reading('line.volts')
    expect(asking.chosen.value).toBeNull()
  })

  it('is not chosen where what is taken comes next in any case', () => {
    const { asking } = call()
    asking.take('line')
    asking.take('pairs')
    expect(asking.chosen.value).toBeNull()
    asking.take('line')
    asking.back()
    expect(asking.shown.value).toBe('pairs')
  })
})
