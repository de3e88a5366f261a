import { reactive } from 'vue'
import { get, request } from '../api/client'
import type { Account, DemoAccount, SessionView } from '../api/types'

/** Who is signed in on this device. */
export const session = reactive({
  loaded: false,
  account: null as Account | null,
  demo: [] as DemoAccount[],
  /** The session ended while a page was open; it asks for the password again in place. */
  ended: false,
})

function take(view: SessionView) {
  session.account = view.account ?? null
  session.demo = view.demo
  session.loaded = true
}

export async function loadSession() {
  take(await get<SessionView>('/api/session'))
}

/** After the server did not know who asks: signed out, or somebody else since. */
export async function lookAgain() {
  const view = await get<SessionView>('/api/session')
  if (view.account) take(view)
  else session.ended = true
}

export async function signIn(login: string, password: string) {
  await loadSession()
  take(await request<SessionView>('POST', '/api/session', { login, password }))
  // The token of the old session is void; this fetches the new one.
  await loadSession()
  session.ended = false
}

export async function signOut() {
  await request('DELETE', '/api/session')
  session.account = null
  await loadSession()
}
