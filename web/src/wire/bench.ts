import { computed, ref, shallowRef, watch } from 'vue'
import { ask, Faulty, search, inWords } from '../core/core'
import type { AsWired, Ends, Mend, Part, Plan, PlanDoc, Progress, Result, WiringDoc } from './types'

/** The same wire, whichever end is told first. */
export const isLike = (one: Ends, other: Ends) =>
  (one[0] === other[0] && one[1] === other[1]) || (one[0] === other[1] && one[1] === other[0])

export const partOf = (terminal: string) => terminal.slice(0, terminal.indexOf('.'))

/** The terminals at which something must be stopped, on whichever call. */
export const stopped = (result: Result): string[] =>
  [...result.calls, result].flatMap((one) =>
    one.findings.filter((finding) => finding.severity === 'STOP').flatMap((finding) => finding.at),
  )

/** A conversion as planned, with no wire made yet. */
export const begun = (document: PlanDoc, plan: Plan): AsWired => ({
  format: 'variable-rotor-as-wired',
  version: 1,
  plan: document,
  wiring: { ...plan.wiring, wires: [] },
  marks: [],
  ticks: [],
})

/** Line and 24 V, and nothing else: for what is wired without a plan. */
export const bare = (): AsWired => ({
  format: 'variable-rotor-as-wired',
  version: 1,
  wiring: {
    format: 'variable-rotor-wiring',
    version: 1,
    parts: [
      { id: 'SRC', type: 'LINE_240' },
      { id: 'TR', type: 'TRANSFORMER', va: 40 },
    ],
    wires: [],
    calls: [{ name: 'IDLE', on: [] }],
  },
  marks: [],
  ticks: [],
})

/** What is changed of a wiring; what was seen at the old one says nothing of the new one. */
function wired(made: AsWired, wires: Ends[], parts = made.wiring.parts): AsWired {
  return {
    ...made,
    wiring: { ...made.wiring, parts, wires },
    marks: made.marks.filter((mark) => wires.some((wire) => isLike(wire, mark.wire))),
    ticks: [],
  }
}

/** One wire more; refused in words where it makes no sense. */
export function withWire(made: AsWired, wire: Ends): AsWired | string {
  const [from, to] = wire
  if (from === to) return `${from} is one terminal: a wire needs two.`
  if (made.wiring.wires.some((one) => isLike(one, wire)))
    return `${from} and ${to} are wired together already.`
  return wired(made, [...made.wiring.wires, wire])
}

/** Several at one touch; what is there already stays as it is. */
export function withWires(made: AsWired, wires: Ends[]): AsWired {
  return wires.reduce((now, wire) => {
    const next = withWire(now, wire)
    return typeof next === 'string' ? now : next
  }, made)
}

/** One that the factory made, as it is found: with its colour, where somebody read it. */
export function withWireThere(made: AsWired, wire: Ends, colour: string): AsWired | string {
  const next = withWire(made, wire)
  return typeof next === 'string' || !colour ? next : marked(next, wire, colour, '')
}

export const withoutWire = (made: AsWired, wire: Ends) =>
  wired(
    made,
    made.wiring.wires.filter((one) => !isLike(one, wire)),
  )

/** A lead that nothing uses, capped alone. */
export function capped(made: AsWired, lead: string): AsWired {
  const id = `CAPPED_${lead.slice(lead.indexOf('.') + 1).replaceAll(' ', '_')}`
  const has = made.wiring.parts.some((one) => one.id === id)
  return wired(
    made,
    [...made.wiring.wires, [lead, `${id}.1`]],
    has ? made.wiring.parts : [...made.wiring.parts, { id, type: 'JOINT' }],
  )
}

export const withPart = (made: AsWired, part: Part) =>
  wired(made, made.wiring.wires, [...made.wiring.parts, part])

/** A part with the wires that end on it. */
export const withoutPart = (made: AsWired, id: string) =>
  wired(
    made,
    made.wiring.wires.filter((wire) => wire.every((end) => partOf(end) !== id)),
    made.wiring.parts.filter((one) => one.id !== id),
  )

export function mended(made: AsWired, mend: Mend): AsWired {
  let wires = made.wiring.wires
  if (mend.off) wires = wires.filter((one) => !isLike(one, mend.off!))
  if (mend.on && !wires.some((one) => isLike(one, mend.on!))) wires = [...wires, mend.on]
  return wired(made, wires)
}

/** Colour and old label of a wire. */
export function marked(made: AsWired, wire: Ends, colour: string, label: string): AsWired {
  const others = made.marks.filter((one) => !isLike(one.wire, wire))
  return { ...made, marks: colour || label ? [...others, { wire, colour, label }] : others }
}

/**
 * A wiring under work: every change can be taken back, and after each the whole is run again. What
 * is kept of it is told by `keep`. Without a search no mend is looked for.
 */
export function openBench(keep: (made: AsWired) => void, how = { searches: true }) {
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
      const answer = await ask<Progress>('run', now)
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
    const found = await search<{ mend: Mend | null }>('mend', wiring)
    if (mine !== asked) return
    looking.value = false
    mend.value = found.mend
  }

  watch(made, run)

  function change(next: AsWired | string) {
    if (typeof next === 'string') {
      refusal.value = next
      return
    }
    refusal.value = ''
    if (made.value) past.value = [...past.value, made.value]
    made.value = next
    keep(next)
  }

  return {
    made,
    progress,
    mend,
    looking,
    fault,
    refusal,
    change,
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

export type Bench = ReturnType<typeof openBench>
