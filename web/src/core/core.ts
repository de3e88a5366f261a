import type { components } from './answers'

/**
 * The rules of the product in the page itself: asked in a worker, so that they answer without a
 * radio and the page never waits for them.
 */
type Answers = components['schemas']['Answers']

/** What the rules can be asked. */
export type Verb = keyof Answers
export type Answer<V extends Verb> = Answers[V]

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

/** One worker with its questions on the way. */
function open() {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
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
    const lost = new Error('The rules could not be loaded. Reload the page when there is a radio.')
    waiting.forEach((one) => one.reject(lost))
    waiting.clear()
  }
  return {
    ask(verb: Verb, tree: object) {
      const id = ++last
      return new Promise((resolve, reject) => {
        waiting.set(id, { resolve, reject })
        // Plain data: a form's own object cannot be sent.
        worker.postMessage({ id, verb, tree: JSON.parse(JSON.stringify(tree)) })
      })
    },
    close: () => worker.terminate(),
  }
}

let shared: ReturnType<typeof open> | null = null
let searching: ReturnType<typeof open> | null = null

/**
 * @throws Faulty where what is asked does not read
 */
export const ask = <V extends Verb>(verb: V, tree: object) =>
  (shared ??= open()).ask(verb, tree) as Promise<Answers[V]>

/** A long search: the one before it is given up, and nothing else waits for it. */
export function search<V extends Verb>(verb: V, tree: object) {
  searching?.close()
  searching = open()
  return searching.ask(verb, tree) as Promise<Answers[V]>
}
