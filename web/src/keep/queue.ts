import { shallowReactive, shallowReadonly, watch } from 'vue'
import { NoAnswer, Refusal, request } from '../api/client'
import { lookAgain, session } from '../session/session'
import { takeOver } from './older'
import { addRow, allRows, changeRow, dropRow, type Kept, type Save } from './rows'

/**
 * The one way by which changes leave the page. Each is kept on this device until the server has
 * said that it has it, and is sent again under the same id, in order, under the account that made
 * it: after a lost radio, a restart, a new sign-in, and whichever tab comes to it first. What the
 * server will not take stays as well, with why.
 */
const RETRY_MS = 3000
/** A change on which the server fails so often, and on nothing else, is set aside. */
const MOST_FAULTS = 5

// Rows stay plain objects, as the browser's database takes them; the list is replaced as a whole.
const state = shallowReactive({
  /** Of every account, oldest first. */
  rows: [] as Kept[],
  /** Whether something is on its way now. */
  sending: false,
  /** Whether the last try had no answer. */
  offline: false,
  /** Why this device cannot keep what is entered. */
  fault: '',
})

export const queue = shallowReadonly(state)

const isMine = (row: Kept) => row.account === session.account?.id

/** What waits to be sent under the account that is signed in. */
export const waiting = () => state.rows.filter((row) => isMine(row) && !row.refused)

/** What the server will not take. */
export const refused = () => state.rows.filter((row) => isMine(row) && row.refused)

/** What waits until somebody else signs in here. */
export const ofOthers = () => state.rows.filter((row) => !isMine(row))

/** The result is absent where another tab had it. */
type Listener = (save: Kept, result: unknown, refusal: Refusal | null) => void
const listeners = new Set<Listener>()

/** Tells of every save that the server took, or refused. Returns how to stop listening. */
export function onSent(listener: Listener): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('rotor.keep')
tabs?.addEventListener('message', ({ data }: MessageEvent<{ sent?: Kept }>) => {
  const sent = data.sent
  void refresh().then(() => {
    if (sent) listeners.forEach((listener) => listener(sent, undefined, null))
  })
})

/** On their way into the database, or where that is full, only in this page. */
let inMemory: Kept[] = []

async function refresh() {
  const kept = await allRows().catch(() => [] as Kept[])
  const known = new Set(kept.map((row) => row.id))
  state.rows = [...kept, ...inMemory.filter((row) => !known.has(row.id))]
}

const forget = (row: Kept) => (inMemory = inMemory.filter((one) => one.id !== row.id))

async function keep(row: Kept) {
  inMemory.push(row)
  state.rows = [...state.rows, row]
  try {
    await addRow(row)
    forget(row)
    state.fault = ''
  } catch {
    state.fault =
      'This device can keep nothing more: free some space. Until then, leave this page open.'
  }
  await refresh()
  tabs?.postMessage({})
}

/** A later save can mend what was wrong with it; what stands against another's work, a person must. */
export const isMended = (row: Kept) => !!row.refused && row.refused.status !== 409

/** A form's own object changes on; what is kept does not. */
const plain = (body: unknown) => (body === undefined ? undefined : JSON.parse(JSON.stringify(body)))

/** Keeps a change, and sends what can be sent. */
export async function send(save: Save): Promise<void> {
  const account = session.account
  if (!account) throw new Error('Sign in first.')
  const replaced = state.rows.filter((row) => save.form && row.form === save.form && isMended(row))
  const body = save.body instanceof Blob ? save.body : plain(save.body)
  await keep({
    ...save,
    body,
    large: save.body instanceof Blob,
    account: account.id,
    by: account.name,
    at: new Date().toISOString(),
  })
  for (const row of replaced) await remove(row)
  await flush()
}

/** A refused save, tried once more as it is. */
export async function sendAgain(row: Kept) {
  const anew = { ...row }
  delete anew.refused
  await replace(anew)
  await flush()
}

/** Thrown away by hand, after a person was asked. */
export async function throwAway(row: Kept) {
  await remove(row)
}

/** Puts a row in place of its former self, wherever that is kept. */
async function replace(row: Kept) {
  if (row.seq === undefined) inMemory = inMemory.map((one) => (one.id === row.id ? row : one))
  else await changeRow(row)
  await refresh()
}

async function remove(row: Kept) {
  forget(row)
  if (row.seq !== undefined) await dropRow(row.seq)
  // Of what other tabs did they tell: after a week without a radio, each reading of all is one too many.
  state.rows = state.rows.filter((one) => one.id !== row.id)
  tabs?.postMessage({})
}

/**
 * What goes out one after the other. Photos have a lane of their own: on a slow link one takes
 * minutes, and no reading waits for it.
 */
interface Lane {
  lock: string
  takes: (row: Kept) => boolean
  running: Promise<void> | null
  again: boolean
  offline: boolean
  sending: boolean
  timer?: ReturnType<typeof setTimeout>
}

const lane = (lock: string, takes: (row: Kept) => boolean): Lane => ({
  lock,
  takes,
  running: null,
  again: false,
  offline: false,
  sending: false,
})

const isLarge = (row: Kept) => !!row.large
const LANES = [lane('rotor.keep', (row) => !isLarge(row)), lane('rotor.keep.photos', isLarge)]

/** Of the same call, before it: a photo needs its call, and what is said of a photo needs that. */
const needs = (row: Kept, before: Kept) =>
  row.call === before.call &&
  (isLarge(row) ? !isLarge(before) : row.path.startsWith(before.path.split('?')[0]!))

/** The first that this lane takes, and that waits for nothing in the other. */
function next(lane: Lane): Kept | undefined {
  const rows = waiting()
  return rows.find(
    (row, at) =>
      lane.takes(row) &&
      !rows.slice(0, at).some((before) => !lane.takes(before) && needs(row, before)),
  )
}

/** Sends what is waiting, oldest first, until one has no answer. */
export async function flush(): Promise<void> {
  await Promise.all(LANES.map(flushed))
}

function flushed(lane: Lane): Promise<void> {
  lane.again = true
  lane.running ??= alone(lane.lock, () => run(lane)).finally(() => (lane.running = null))
  return lane.running
}

/** One tab at a time; the others' rows are sent along. */
function alone(lock: string, work: () => Promise<void>): Promise<void> {
  const locks = navigator.locks as LockManager | undefined
  return locks ? locks.request(lock, work).then(() => {}) : work()
}

function show(lane: Lane, sending: boolean) {
  lane.sending = sending
  state.sending = LANES.some((one) => one.sending)
}

async function run(lane: Lane) {
  clearTimeout(lane.timer)
  // What comes in while something is on its way goes out after it; with no answer, it waits.
  do {
    lane.again = false
    lane.offline = false
    await refresh()
    await sendAll(lane)
    show(lane, false)
  } while (lane.again && !lane.offline)
}

/** How often the server failed on a change, since this page was opened. */
const faults = new Map<string, number>()

async function sendAll(lane: Lane) {
  let renewed = ''
  for (let row = next(lane); row; row = next(lane)) {
    show(lane, true)
    try {
      const result = await request('PUT', row.path, row.body, {
        'Rotor-Account': row.account,
        // Of a call its log is enough: what follows from it is worked out here.
        'Rotor-Answer': 'log',
      })
      state.offline = false
      await remove(row)
      tell(row, result, null)
      wakeOther(lane)
    } catch (fault) {
      // What came too slowly is sent again, too: a weak radio says nothing against what was entered.
      const again = fault instanceof Refusal && (fault.status > 500 || fault.status === 408)
      if (fault instanceof NoAnswer || again) return noAnswer(lane)
      if (fault instanceof Refusal && fault.status === 500) {
        const often = (faults.get(row.id) ?? 0) + 1
        faults.set(row.id, often)
        if (often < MOST_FAULTS) return noAnswer(lane)
      }
      if (!(fault instanceof Refusal)) throw fault
      state.offline = false
      // Signed out, or somebody else has signed in meanwhile: it waits.
      if (fault.status === 401) return lookAgain().catch(() => noAnswer(lane))
      if (fault.status === 403 && renewed !== row.id) {
        // The token ran out with its session; a new one is fetched once.
        renewed = row.id
        await lookAgain().catch(() => noAnswer(lane))
        if (session.ended || lane.offline) return
        continue
      }
      await setAside(row, fault)
      wakeOther(lane)
    }
  }
}

/** What waited in the other lane for this one can go now. */
function wakeOther(lane: Lane) {
  LANES.filter((one) => one !== lane && next(one)).forEach((one) => void flushed(one))
}

function noAnswer(lane: Lane) {
  lane.offline = true
  state.offline = true
  lane.timer = setTimeout(() => void flushed(lane), RETRY_MS)
}

async function setAside(row: Kept, refusal: Refusal) {
  const { status, message, errors, conflicts } = refusal
  const aside = { ...row, refused: plain({ status, message, errors, conflicts }) }
  await replace(aside)
  tell(aside, undefined, refusal)
}

function tell(row: Kept, result: unknown, refusal: Refusal | null) {
  tabs?.postMessage({ sent: refusal ? undefined : { ...row, body: undefined } })
  listeners.forEach((listener) => listener(row, result, refusal))
}

/** Takes up what an earlier visit left, and sends it. */
export async function resume() {
  void navigator.storage?.persist?.()
  const account = session.account
  if (account) {
    const as = { account: account.id, by: account.name }
    await takeOver((save) => addRow({ ...save, ...as })).catch(() => {})
  }
  await refresh()
  await flush()
}

window.addEventListener('online', () => void flush())

// Signed in, again or as somebody else: what was held for that account goes out.
watch(
  () => [session.ended, session.account?.id],
  ([ended, account]) => {
    if (!ended && account) void resume()
  },
  { immediate: true },
)
