import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { AsWired, Ends, Mend, Plan, PlanDoc, Progress } from './types'

const asked: { verb: string; tree: unknown }[] = []
let answers: unknown[] = []

vi.mock('../core/core', () => ({
  Faulty: class extends Error {},
  inWords: String,
  ask: (verb: string, tree: unknown) => {
    asked.push({ verb, tree })
    const answer = answers.shift() ?? progress(true)
    return answer instanceof Promise ? answer : Promise.resolve(answer)
  },
  search: (verb: string, tree: unknown) => {
    asked.push({ verb, tree })
    return Promise.resolve({ mend: MEND })
  },
}))

const MEND: Mend = { off: ['K1.NC1', 'M.HIGH'], on: ['K1.NO1', 'M.HIGH'], sentence: 'Move it.' }
const progress = (ok: boolean): Progress => ({
  planned: [],
  toMake: [],
  strange: [],
  ahead: [],
  result: { ok, calls: [], findings: [] },
  done: ok,
  mend: null,
  parts: [],
})

const {
  bare,
  begun,
  capped,
  isLike,
  marked,
  mended,
  openBench,
  withoutPart,
  withoutWire,
  withPart,
  withWire,
  withWireThere,
} = await import('./bench')

const wires = (made: AsWired | string) => (made as AsWired).wiring.wires
const made = (...list: Ends[]): AsWired => ({
  ...bare(),
  wiring: { ...bare().wiring, wires: list },
  ticks: [{ check: 'line COOL', ok: true }],
})

describe('a conversion under work', () => {
  it('begins with the parts of the plan and none of its wires', () => {
    const planned = { wiring: { ...bare().wiring, wires: [['A.1', 'B.1']] } } as unknown as Plan
    const document = { pattern: 'A' } as PlanDoc
    const first = begun(document, planned)
    expect(wires(first)).toEqual([])
    expect(first.plan).toBe(document)
    expect(first.wiring.parts).toHaveLength(2)
  })

  it('takes a wire once, whichever end is told first, and none to itself', () => {
    const one = made(['SRC.L1', 'TR.H1'])
    expect(withWire(one, ['TR.H1', 'SRC.L1'])).toContain('already')
    expect(withWire(one, ['TR.H1', 'TR.H1'])).toContain('needs two')
    expect(wires(withWire(one, ['SRC.L2', 'TR.H2']))).toHaveLength(2)
    expect(isLike(['A.1', 'B.1'], ['B.1', 'A.1'])).toBe(true)
  })

  it('keeps the colour of a wire that the factory made, where it was read', () => {
    const there: Ends = ['SRC.L1', 'TR.H1']
    expect((withWireThere(made(), there, 'orange') as AsWired).marks).toEqual([
      { wire: there, colour: 'orange', label: '' },
    ])
    expect((withWireThere(made(), there, '') as AsWired).marks).toEqual([])
    expect(withWireThere(made(there), there, 'orange')).toContain('already')
  })

  it('forgets what was seen at another wiring, and the mark of a wire that is gone', () => {
    const one = marked(made(['SRC.L1', 'TR.H1']), ['SRC.L1', 'TR.H1'], 'black', 'old 1')
    expect(one.ticks).toHaveLength(1)
    const off = withoutWire(one, ['TR.H1', 'SRC.L1'])
    expect(wires(off)).toEqual([])
    expect(off.marks).toEqual([])
    expect(off.ticks).toEqual([])
    expect(marked(one, ['SRC.L1', 'TR.H1'], '', '').marks).toEqual([])
  })

  it('caps a lead alone, and takes a part out with its wires', () => {
    const one = capped(made(), 'M.MED HIGH')
    expect(wires(one)).toEqual([['M.MED HIGH', 'CAPPED_MED_HIGH.1']])
    expect(one.wiring.parts.at(-1)).toEqual({ id: 'CAPPED_MED_HIGH', type: 'JOINT' })
    const two = withPart(one, { id: 'K1', type: 'RELAY' })
    expect(withoutPart(two, 'CAPPED_MED_HIGH').wiring.wires).toEqual([])
  })

  it('does what a mend says', () => {
    const wrong = made(['M.HIGH', 'K1.NC1'], ['SRC.G', 'M.G'])
    expect(wires(mended(wrong, MEND))).toEqual([
      ['SRC.G', 'M.G'],
      ['K1.NO1', 'M.HIGH'],
    ])
  })
})

describe('the bench', () => {
  beforeEach(() => {
    asked.length = 0
    answers = []
  })
  afterEach(() => vi.restoreAllMocks())

  it('runs after each change, keeps each, and takes each back', async () => {
    const kept: AsWired[] = []
    const bench = openBench((one) => kept.push(one))
    bench.show(made())
    await flushPromises()
    bench.change(withWire(bench.made.value!, ['SRC.L1', 'TR.H1']))
    await flushPromises()
    expect(asked.map((one) => one.verb)).toEqual(['run', 'run'])
    expect(kept).toHaveLength(1)
    bench.change(withWire(bench.made.value!, ['SRC.L1', 'TR.H1']))
    expect(bench.refusal.value).toContain('already')
    expect(kept).toHaveLength(1)
    bench.undo()
    expect(wires(bench.made.value!)).toEqual([])
    expect(bench.canUndo.value).toBe(false)
    expect(kept).toHaveLength(2)
  })

  it('shows the answer to the last change, whichever comes first', async () => {
    let slow!: (answer: Progress) => void
    answers = [new Promise<Progress>((resolve) => (slow = resolve)), progress(true)]
    const bench = openBench(() => {})
    bench.show(made())
    await flushPromises()
    bench.change(withWire(bench.made.value!, ['SRC.L1', 'TR.H1']))
    await flushPromises()
    slow(progress(false))
    await flushPromises()
    expect(bench.progress.value?.result.ok).toBe(true)
  })

  it('searches for a mend only where no plan tells it', async () => {
    answers = [progress(false)]
    const bench = openBench(() => {})
    bench.show(made())
    await flushPromises()
    expect(asked.map((one) => one.verb)).toEqual(['run', 'mend'])
    expect(bench.mend.value).toEqual(MEND)
    asked.length = 0
    answers = [progress(false)]
    bench.show({ ...made(), plan: { pattern: 'A' } as PlanDoc })
    await flushPromises()
    expect(asked.map((one) => one.verb)).toEqual(['run'])
  })
})
