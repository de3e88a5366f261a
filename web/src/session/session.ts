import { reactive } from 'vue'
import { get, NoAnswer, Refusal, request } from '../api/client'
import type { Account, DemoAccount, SessionView } from '../api/types'

/** Who is signed in on this device. */
export const session = reactive({
  loaded: false,
  account: null as Account | null,
  demo: [] as DemoAccount[],
  /** The one address of the page at which the lock of a device signs in. */
  passkeysAt: null as string | null,
  /** The session ended while a page was open; it asks for the password again in place. */
  ended: false,
  /** Signed out here; the server could not be told yet. */
  owed: false,
})

/** Who was signed in here when the server answered last: they go on where none comes. */
const LAST = 'rotor.account'

function take(view: SessionView) {
  session.account = view.account ?? null
  session.demo = view.demo
  session.passkeysAt = view.passkeysAt ?? null
  session.loaded = true
  if (view.account) localStorage.setItem(LAST, JSON.stringify(view.account))
  else localStorage.removeItem(LAST)
}

function lastHere(): Account | null {
  try {
    return JSON.parse(localStorage.getItem(LAST) ?? 'null') as Account | null
  } catch {
    return null
  }
}

/**
 * Signed out here while the server could not be told: until it is, nobody is signed in on this
 * device, whatever the server still takes it for.
 */
const OWED = 'rotor.sign-out'
const isOwed = () => localStorage.getItem(OWED) !== null

export async function loadSession() {
  session.owed = isOwed()
  if (session.owed) await tellSignedOut()
  take(await get<SessionView>('/api/session'))
}

/**
 * The same, or who was here last where no answer comes; whoever signed out is not, and comes to the
 * sign-in.
 */
export async function openSession() {
  try {
    await loadSession()
  } catch (failed) {
    const last = session.owed ? null : lastHere()
    if (!(failed instanceof NoAnswer) || !(session.owed || last)) throw failed
    session.account = last
    session.loaded = last !== null
  }
}

async function tellSignedOut() {
  try {
    await request('DELETE', '/api/session')
  } catch (fault) {
    // Its session is over there, too; or its token, and then a new one is fetched first.
    if (!(fault instanceof Refusal)) throw fault
    if (fault.status === 403) {
      await get<SessionView>('/api/session')
      await request('DELETE', '/api/session')
    }
  }
  localStorage.removeItem(OWED)
  session.owed = false
}

window.addEventListener('online', () => {
  if (isOwed()) void loadSession().catch(() => {})
})

// Signed out in another tab: this one asks for the password before it goes on.
window.addEventListener('storage', ({ key, newValue }) => {
  if (key === OWED && newValue && session.account) session.ended = true
})

/** After the server did not know who asks: signed out, or somebody else since. */
export async function lookAgain() {
  const view = await get<SessionView>('/api/session')
  if (view.account) take(view)
  else session.ended = true
}

export async function signIn(login: string, password: string) {
  await loadSession()
  await signedIn('/api/session', { login, password })
}

/** In by whatever way: the server says who is. */
export async function signedIn(path: string, said: object) {
  take(await request<SessionView>('POST', path, said))
  // The token of the old session is void; this fetches the new one.
  await loadSession()
  session.ended = false
}

/** Signs out on this device at once, and on the server as soon as it answers. */
export async function signOut() {
  localStorage.setItem(OWED, 'owed')
  localStorage.removeItem(LAST)
  session.owed = true
  session.account = null
  session.ended = false
  await loadSession().catch((fault) => {
    if (!(fault instanceof NoAnswer)) throw fault
  })
}
