import { reactive, readonly, watch } from 'vue'
import { NoAnswer, Refusal, request } from '../api/client'
import { loadSession, session } from '../session/session'

/**
 * Changes on their way to the server. Each is kept on this device until the server has said that it
 * has it, and is sent again under the same id, in order, after a lost radio, a restart or a new
 * sign-in.
 */
export interface Change {
  path: string
  body: unknown
  /** What it is, in a person's words. */
  label: string
  /** The call that it belongs to. */
  call: string
}

const KEPT = 'rotor.outbox'
const RETRY_MS = 3000

const state = reactive({
  waiting: load(),
  /** Whether the last try had no answer. */
  offline: false,
})

type Listener = (change: Change, result: unknown, refusal: Refusal | null) => void
const listeners = new Set<Listener>()
let sending: Promise<void> | null = null
let timer: ReturnType<typeof setTimeout> | undefined

export const outbox = readonly(state)

function load(): Change[] {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '[]')
    return Array.isArray(kept) ? kept : []
  } catch {
    return []
  }
}

function keep() {
  localStorage.setItem(KEPT, JSON.stringify(state.waiting))
}

/** Tells of every change that the server took, or refused. Returns how to stop listening. */
export function onSent(listener: Listener): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Puts a change in the queue and sends what can be sent. */
export async function send(change: Change): Promise<void> {
  state.waiting.push(change)
  keep()
  await flush()
}

/** Sends what is waiting, oldest first, until one has no answer. */
export async function flush(): Promise<void> {
  sending ??= sendAll().finally(() => (sending = null))
  await sending
  // What came in while the last answer was on its way.
  if (state.waiting.length && !state.offline && !session.ended) await flush()
}

async function sendAll() {
  clearTimeout(timer)
  let renewed = false
  while (state.waiting.length) {
    const change = state.waiting[0]!
    try {
      const result = await request('PUT', change.path, change.body)
      done(change, result, null)
    } catch (fault) {
      if (fault instanceof NoAnswer || (fault instanceof Refusal && fault.status >= 500)) {
        state.offline = true
        timer = setTimeout(() => void flush(), RETRY_MS)
        return
      }
      if (!(fault instanceof Refusal)) throw fault
      state.offline = false
      if (fault.status === 401) {
        session.ended = true
        return
      }
      if (fault.status === 403 && !renewed) {
        // The token ran out with its session; a new one is fetched once.
        renewed = true
        await loadSession()
        if (!session.account) {
          session.ended = true
          return
        }
        continue
      }
      done(change, undefined, fault)
    }
  }
}

function done(change: Change, result: unknown, refusal: Refusal | null) {
  state.offline = false
  state.waiting.shift()
  keep()
  for (const listener of listeners) listener(change, result, refusal)
}

window.addEventListener('online', () => void flush())

// Signed in again: what was held goes out.
watch(
  () => session.ended,
  (ended) => {
    if (!ended) void flush()
  },
)
