import { computed, ref, shallowRef, watch } from 'vue'
import { ask, Faulty, search } from '../core/core'
import { inWords } from '../shared/newest'
import type { AsWired, Edit, Ends, Mend, PlanDoc, Progress, Result, WiringDoc } from './types'

/** The same wire, whichever end is told first. */
export const isLike = (one: Ends, other: Ends) =>
  (one[0] === other[0] && one[1] === other[1]) || (one[0] === other[1] && one[1] === other[0])

export const partOf = (terminal: string) => terminal.slice(0, terminal.indexOf('.'))

/** The terminals at which something must be stopped, on whichever call. */
export const stopped = (result: Result): string[] =>
  [...result.calls, result].flatMap((one) =>
    one.findings.filter((finding) => finding.severity === 'STOP').flatMap((finding) => finding.at),
  )

/**
 * A wiring under work: every change can be taken back, and after each the whole is run again. What
 * is kept of it is told by `keep`. Without a search no mend is looked for.
 */
export function openWork(keep: (made: AsWired) => void, how = { searches: true }) {
  const made = shallowRef<AsWired | null>(null)
  const past = shallowRef<AsWired[]>([])
  const progress = shallowRef<Progress | null>(null)
  const mend = shallowRef<Mend | null>(null)
  const looking = ref(false)
  const fault = ref('')
  /** What the last tap was refused with. */
  const refusal = ref('')
  let asked = 0

  async function run() {
    const mine = ++asked
    looking.value = false
    const now = made.value
    if (!now) return
    try {
      const answer = await ask('run', now)
      if (mine !== asked) return
      progress.value = answer
      mend.value = answer.mend
      fault.value = ''
      if (how.searches && !answer.result.ok && !answer.mend && !now.plan)
        await look(mine, now.wiring)
    } catch (failed) {
      if (mine === asked) fault.value = inWords(failed)
      if (!(failed instanceof Faulty) && mine === asked) progress.value = null
    }
  }

  /** Without a plan the mend is searched for, which takes its time. */
  async function look(mine: number, wiring: WiringDoc) {
    looking.value = true
    const found = await search('mend', wiring)
    if (mine !== asked) return
    looking.value = false
    mend.value = found.mend
  }

  watch(made, run)

  function change(next: AsWired) {
    refusal.value = ''
    if (made.value) past.value = [...past.value, made.value]
    made.value = next
    keep(next)
  }

  /** The core does it; what does not make sense comes back in words. One after the other. */
  let last: Promise<void> = Promise.resolve()
  const inTurn = (step: () => Promise<AsWired>) =>
    (last = last.then(async () => {
      try {
        change(await step())
      } catch (failed) {
        refusal.value = inWords(failed)
      }
    }))

  return {
    made,
    progress,
    mend,
    looking,
    fault,
    refusal,
    change,
    /** Nothing wired yet: of a plan, or of line and 24 V alone. */
    begin: (plan?: PlanDoc) => inTurn(() => ask('begin', plan ? { plan } : {})),
    edit: (edit: Edit) => inTurn(() => ask('edit', { made: made.value, edit })),
    /** As it is kept elsewhere: nothing of it can be taken back here. */
    show(kept: AsWired | null) {
      made.value = kept
      past.value = []
    },
    canUndo: computed(() => past.value.length > 0),
    undo() {
      const before = past.value.at(-1)
      if (!before) return
      past.value = past.value.slice(0, -1)
      refusal.value = ''
      made.value = before
      keep(before)
    },
  }
}

export type Work = ReturnType<typeof openWork>
