// @vitest-environment node
import { effectScope } from 'vue'
import { describe, expect, it } from 'vitest'
import { useNewest } from './newest'

function later<T>() {
  let resolve!: (answer: T) => void
  let reject!: (failed: Error) => void
  const answer = new Promise<T>((well, badly) => {
    resolve = well
    reject = badly
  })
  return { answer, resolve, reject }
}

describe('the newest question alone', () => {
  it('is answered, whichever answer comes last', async () => {
    const { ask, asking } = effectScope().run(() => useNewest())!
    const taken: string[] = []
    const [slow, quick] = [later<string>(), later<string>()]
    const first = ask(
      () => slow.answer,
      (answer) => taken.push(answer),
    )
    const second = ask(
      () => quick.answer,
      (answer) => taken.push(answer),
    )
    quick.resolve('quick')
    expect(await second).toBe(true)
    expect(asking.value).toBe(false)
    slow.resolve('slow')
    expect(await first).toBe(false)
    expect(taken).toEqual(['quick'])
  })

  it('fails; an earlier one that fails says nothing', async () => {
    const { ask, fault } = effectScope().run(() => useNewest())!
    const [slow, quick] = [later<string>(), later<string>()]
    const first = ask(
      () => slow.answer,
      () => {},
    )
    await ask(
      () => Promise.resolve('well'),
      () => {},
    )
    slow.reject(new Error('lost'))
    await first
    expect(fault.value).toBe('')
    const third = ask(
      () => quick.answer,
      () => {},
    )
    quick.reject(new Error('no radio'))
    expect(await third).toBe(false)
    expect(fault.value).toBe('no radio')
    await ask(
      () => Promise.resolve('well'),
      () => {},
    )
    expect(fault.value).toBe('')
  })

  it('is forgotten with the page that asked', async () => {
    const scope = effectScope()
    const { ask } = scope.run(() => useNewest())!
    const taken: string[] = []
    const slow = later<string>()
    const asked = ask(
      () => slow.answer,
      (answer) => taken.push(answer),
    )
    scope.stop()
    slow.resolve('slow')
    expect(await asked).toBe(false)
    expect(taken).toEqual([])
  })
})
