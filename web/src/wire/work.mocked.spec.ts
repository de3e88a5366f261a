// @vitest-environment node
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { AsWired, Ends, Mend, PlanDoc, Progress } from './types'

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

const MEND: Mend = {
  off: ['K1.NC1', 'M.HIGH'],
  on: ['K1.NO1', 'M.HIGH'],
  at: ['M.HIGH'],
  sentence: 'Move it.',
}
const progress = (ok: boolean): Progress => ({
  planned: [],
  toMake: [],
  strange: [],
  ahead: [],
  result: { ok, calls: [], findings: [] },
  done: ok,
  mend: null,
  parts: [],
  free: {},
})

const { isLike, openWork } = await import('./work')

const made = (...list: Ends[]): AsWired => ({
  format: 'variable-rotor-as-wired',
  version: 1,
  wiring: { format: 'variable-rotor-wiring', version: 1, parts: [], wires: list, calls: [] },
  marks: [],
  ticks: [{ check: 'line COOL', ok: true }],
})

it('knows a wire, whichever end is told first', () => {
  expect(isLike(['A.1', 'B.1'], ['B.1', 'A.1'])).toBe(true)
  expect(isLike(['A.1', 'B.1'], ['B.1', 'C.1'])).toBe(false)
})

describe('the work', () => {
  beforeEach(() => {
    asked.length = 0
    answers = []
  })
  afterEach(() => vi.restoreAllMocks())

  it('runs after each change, keeps each, and takes each back', async () => {
    const kept: AsWired[] = []
    const work = openWork((one) => kept.push(one))
    work.show(made())
    await flushPromises()
    answers = [made(['SRC.L1', 'TR.H1'])]
    await work.edit({ wire: ['SRC.L1', 'TR.H1'] })
    await flushPromises()
    expect(asked.map((one) => one.verb)).toEqual(['run', 'edit', 'run'])
    expect(asked[1]!.tree).toEqual({ made: made(), edit: { wire: ['SRC.L1', 'TR.H1'] } })
    expect(kept).toHaveLength(1)
    answers = [Promise.reject(new Error('SRC.L1 and TR.H1 are wired together already.'))]
    await work.edit({ wire: ['SRC.L1', 'TR.H1'] })
    expect(work.refusal.value).toContain('already')
    expect(kept).toHaveLength(1)
    work.undo()
    expect(work.made.value!.wiring.wires).toEqual([])
    expect(work.canUndo.value).toBe(false)
    expect(kept).toHaveLength(2)
  })

  it('does one thing after the other, each to what the one before it left', async () => {
    let slow!: (next: AsWired) => void
    const work = openWork(() => {})
    work.show(made())
    await flushPromises()
    answers = [new Promise<AsWired>((resolve) => (slow = resolve))]
    void work.edit({ wire: ['A.1', 'B.1'] })
    const second = work.edit({ cap: 'M.LOW' })
    await flushPromises()
    expect(asked.filter((one) => one.verb === 'edit')).toHaveLength(1)
    answers = [progress(true), made(['A.1', 'B.1'], ['M.LOW', 'CAPPED_LOW.1'])]
    slow(made(['A.1', 'B.1']))
    await second
    const edits = asked.filter((one) => one.verb === 'edit')
    expect(edits[1]!.tree).toEqual({ made: made(['A.1', 'B.1']), edit: { cap: 'M.LOW' } })
    expect(work.made.value!.wiring.wires).toHaveLength(2)
  })

  it('shows the answer to the last change, whichever comes first', async () => {
    let slow!: (answer: Progress) => void
    answers = [new Promise<Progress>((resolve) => (slow = resolve)), progress(true)]
    const work = openWork(() => {})
    work.show(made())
    await flushPromises()
    work.change(made(['SRC.L1', 'TR.H1']))
    await flushPromises()
    slow(progress(false))
    await flushPromises()
    expect(work.progress.value?.result.ok).toBe(true)
  })

  it('searches for a mend only where no plan tells it', async () => {
    answers = [progress(false)]
    const work = openWork(() => {})
    work.show(made())
    await flushPromises()
    expect(asked.map((one) => one.verb)).toEqual(['run', 'mend'])
    expect(work.mend.value).toEqual(MEND)
    asked.length = 0
    answers = [progress(false)]
    work.show({ ...made(), plan: { pattern: 'A' } as PlanDoc })
    await flushPromises()
    expect(asked.map((one) => one.verb)).toEqual(['run'])
  })
})
