import { flushPromises, mount } from '@vue/test-utils'
import { computed, defineComponent, ref } from 'vue'
import { describe, expect, it, vi } from 'vitest'

const answers: ((answer: unknown) => void)[] = []
let faulty = false
const waiting = ref<{ path: string; body: unknown }[]>([])

class Wrong extends Error {
  faults = [{ path: 'notes.depth', message: 'allowed is 0 to 12 in' }]
}
vi.mock('../core/core', () => ({
  Faulty: Wrong,
  inWords: String,
  ask: () =>
    faulty
      ? Promise.reject(new Wrong())
      : new Promise((resolve) => {
          answers.push(resolve)
        }),
}))
const judging = ref(0)
vi.mock('./call', () => ({ useCall: () => ({ waiting: computed(() => waiting.value), judging }) }))

const { useJudged } = await import('./judged')
type Doc = { taps: string[] }

function open() {
  const kept = ref<Doc>({ taps: [] })
  const sent: Doc[] = []
  let judged!: ReturnType<typeof useJudged<Doc, 'fit'>>
  mount(
    defineComponent({
      setup() {
        judged = useJudged<Doc, 'fit'>(
          'fit',
          'fits',
          () => kept.value,
          (doc) => sent.push(doc),
        )
        return () => null
      },
    }),
  )
  return { kept, sent, judged }
}

const answer = async () => {
  answers.splice(0).forEach((one) => one({ ok: true }))
  await flushPromises()
}

describe('a document that is judged here and kept', () => {
  it('loses no touch that comes before the one before it is judged', async () => {
    const { judged, sent } = open()
    void judged.take({ taps: [...judged.doc.value.taps, 'door'] })
    void judged.take({ taps: [...judged.doc.value.taps, 'shield'] })
    await answer()
    expect(judged.doc.value.taps).toEqual(['door', 'shield'])
    expect(sent).toHaveLength(2)
  })

  it('says that it is at work until what stands there is kept', async () => {
    const { judged, sent } = open()
    const taken = judged.take({ taps: ['door'] })
    expect([judging.value, sent.length]).toEqual([1, 0])
    await answer()
    await taken
    expect([judging.value, sent.length]).toEqual([0, 1])
  })

  it('is not put back by what the server answers to an earlier save', async () => {
    const { judged, kept, sent } = open()
    await answer()
    void judged.take({ taps: ['door'] })
    kept.value = { taps: [] }
    await flushPromises()
    await answer()
    expect(judged.doc.value.taps).toEqual(['door'])
    expect(sent).toEqual([{ taps: ['door'] }])
  })

  it('keeps nothing that does not read, and says what is wrong', async () => {
    const { judged, kept, sent } = open()
    await answer()
    faulty = true
    expect(await judged.take({ taps: ['99'] })).toBe(false)
    faulty = false
    expect(sent).toEqual([])
    expect(judged.doc.value.taps).toEqual([])
    expect(judged.faults.value[0]!.path).toBe('notes.depth')
    // The answer to what was sent before takes the fault away from nobody.
    kept.value = { taps: ['door'] }
    await flushPromises()
    await answer()
    expect(judged.faults.value).toHaveLength(1)
  })

  it('shows what is not sent yet before what the call holds', async () => {
    waiting.value = [{ path: '/api/calls/c/fits/1', body: { taps: ['unsent'] } }]
    const { judged } = open()
    await flushPromises()
    await answer()
    expect(judged.doc.value.taps).toEqual(['unsent'])
    waiting.value = []
  })
})
