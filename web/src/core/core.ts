import type { BlinkReading, Call, Choice, UnitLabel, WaysSheet } from '../api/types'
import type { components } from './answers'

/**
 * The rules of the product in the page itself: asked in workers, so that they answer without a
 * radio and the page never waits for them. What a call asks and what a wiring asks are two files,
 * each loaded when it is first needed.
 */
type Answers = components['schemas']['Answers']

/** What the rules can be asked. */
export type Verb = keyof Answers
export type Answer<V extends Verb> = Answers[V]

/** What is asked of a call that this device holds as its log: answered as the server answers. */
export interface OfCall {
  call: Call
  choice: Choice
  sheet: WaysSheet
  label: UnitLabel
}

/** What a camera or a microphone is told and asks; it remembers what it saw. */
export type SenseVerb =
  | 'watch'
  | 'frame'
  | 'seen'
  | 'listen'
  | 'hear'
  | 'speed'
  | 'starts'
  | 'plate'
  | 'film'
  | 'nextFrame'
  | 'fan'
  | 'motor'
  | 'madePlate'

export type CallVerb = 'fit' | 'proof' | 'shop' | 'count' | keyof OfCall
export type WiringVerb = Exclude<Verb, CallVerb>

/** What is wrong with what was asked, by its path. */
export class Faulty extends Error {
  constructor(readonly faults: { path: string; message: string }[]) {
    super(faults.map((one) => (one.path ? `${one.path}: ${one.message}` : one.message)).join(' '))
  }
}

interface Reply {
  id: number
  answer?: { errors?: { path: string; message: string }[] }
  failed?: string
}

type Waiting = { resolve: (answer: unknown) => void; reject: (fault: Error) => void }

/**
 * One worker with its questions on the way.
 *
 * @param lost told when it could not be loaded: another may be tried
 */
function open(worker: Worker, lost: () => void) {
  const waiting = new Map<number, Waiting>()
  let last = 0
  worker.onmessage = ({ data }: MessageEvent<Reply>) => {
    const asked = waiting.get(data.id)
    waiting.delete(data.id)
    if (data.failed !== undefined) asked?.reject(new Error(data.failed))
    else if (data.answer?.errors) asked?.reject(new Faulty(data.answer.errors))
    else asked?.resolve(data.answer)
  }
  worker.onerror = () => {
    const gone = new Error('The rules could not be loaded. Reload the page when there is a radio.')
    lost()
    waiting.forEach((one) => one.reject(gone))
    waiting.clear()
  }
  return {
    /** Plain data alone: a form's own object cannot be sent. */
    ask(verb: CallVerb | WiringVerb | SenseVerb, tree: object) {
      const id = ++last
      return new Promise((resolve, reject) => {
        waiting.set(id, { resolve, reject })
        worker.postMessage({ id, verb, tree })
      })
    },
    close: () => worker.terminate(),
  }
}

type Opened = ReturnType<typeof open>

const wiringWorker = () =>
  new Worker(new URL('./wirings.worker.ts', import.meta.url), { type: 'module' })

let calls: Opened | null = null
/** What the worker of calls was told of the shop. */
let told: object | null = null
let wirings: Opened | null = null
let searching: Opened | null = null

function ofCalls() {
  const made = () => new Worker(new URL('./calls.worker.ts', import.meta.url), { type: 'module' })
  calls ??= open(made(), () => {
    calls = null
    told = null
  })
  return calls
}

const plain = (tree: object): object => JSON.parse(JSON.stringify(tree))

const OF_CALLS: Verb[] = ['fit', 'proof']

/**
 * @throws Faulty where what is asked does not read
 */
export function ask<V extends Verb>(verb: V, tree: object) {
  const worker = OF_CALLS.includes(verb)
    ? ofCalls()
    : (wirings ??= open(wiringWorker(), () => (wirings = null)))
  return worker.ask(verb, plain(tree)) as Promise<Answers[V]>
}

/**
 * Says what the shop brings to each call; the same object says the same. It loads the rules too, so
 * that they are here when the radio is not.
 */
export function tellShop(shop: object) {
  const worker = ofCalls()
  if (told === shop) return worker
  told = shop
  // Answered in their order: where it does not read, the question after it does not either.
  worker.ask('shop', shop).catch(() => (told = null))
  return worker
}

/**
 * Asks of a call that this device holds.
 *
 * @param shop what the shop brings to it, as the server said
 * @throws Faulty where what is asked does not read
 */
export const askOfCall = <V extends keyof OfCall>(shop: object, verb: V, tree: object) =>
  tellShop(shop).ask(verb, plain(tree)) as Promise<OfCall[V]>

/** Taps along with a lamp, counted. */
export const count = async (presses: object[], now: number) =>
  (await ofCalls().ask('count', plain({ presses, now }))) as BlinkReading

/** Senses of one's own: another lamp or fan is another worker, closed when it is done. */
export function openSenses() {
  const made = new Worker(new URL('./senses.worker.ts', import.meta.url), { type: 'module' })
  const worker = open(made, () => {})
  return {
    ask: <T>(verb: SenseVerb, tree: object) => worker.ask(verb, tree) as Promise<T>,
    close: worker.close,
  }
}

/** A long search: the one before it is given up, and nothing else waits for it. */
export function search<V extends WiringVerb & Verb>(verb: V, tree: object) {
  searching?.close()
  searching = open(wiringWorker(), () => {})
  return searching.ask(verb, plain(tree)) as Promise<Answers[V]>
}
