import { watch } from 'vue'
import type { BookRow, CallRow } from '../api/types'
import { readCall, readShop } from '../call/held'
import { getKept, old } from '../keep/answers'
import { keptPhoto } from '../keep/photos'
import { lookForRoom } from '../keep/room'
import { session } from '../session/session'

/**
 * What a day without a radio needs is read while there is one, one after the other, and kept on
 * this device: words and rules, what the shop brings, codes, stock, the calls of the day with their
 * photos.
 */

/** So soon nothing of it is read again [ms]. */
const FRESH = 30 * 60 * 1000
/** Calls changed last, besides those that are due. */
const MOST_CALLS = 20
/** Of each of them. */
const MOST_PHOTOS = 12
/** Between two of them others come first [ms]. */
const PAUSE = 150
/** What is looked at first is there by then [ms]. */
const AFTER = 3000

let read = { account: '', at: 0 }

const pause = () => new Promise((done) => setTimeout(done, PAUSE))

/** What cannot be read stands in the way of nothing else; where no answer comes, that is all. */
async function one<T>(reading: Promise<T>): Promise<T | null> {
  const said = await reading.catch(() => null)
  if (old.value !== null) throw new Error('no radio')
  await pause()
  return said
}

/** Reads it for whoever is signed in. Without a radio it is left for the next time. */
export async function readTheDay() {
  const account = session.account?.id
  if (!account || (read.account === account && Date.now() - read.at < FRESH)) return
  read = { account, at: Date.now() }
  try {
    await one(readShop())
    await one(getKept('/api/motors'))
    await one(getKept('/api/stock/parts'))
    for (const book of (await one(getKept<BookRow[]>('/api/codebooks'))) ?? []) {
      await one(getKept(`/api/codebooks/${book.id}`))
    }
    const due = (await one(getKept<CallRow[]>('/api/calls/due'))) ?? []
    const last = (await one(getKept<CallRow[]>('/api/calls?search=&page=0&size=50'))) ?? []
    for (const call of new Set([...due, ...last.slice(0, MOST_CALLS)].map((row) => row.id))) {
      if (session.account?.id !== account) return
      const said = await one(readCall(call))
      await one(getKept(`/api/calls/${call}/unit`))
      if ((await lookForRoom()) === 'none') continue
      for (const photo of (said?.view.photos ?? []).slice(0, MOST_PHOTOS)) {
        await one(keptPhoto(`/api/calls/${call}/photos/${photo.id}`))
      }
    }
  } catch {
    read = { account: '', at: 0 }
  }
}

/**
 * Whenever somebody is signed in, and whenever the radio is back; where the page itself is not kept
 * on the device, a day without a radio is not to be had anyway.
 */
export async function keepTheDay() {
  await navigator.serviceWorker?.ready
  if (!navigator.serviceWorker) return
  const soon = () => setTimeout(() => void readTheDay(), AFTER)
  watch(
    () => session.account?.id,
    (account) => account && soon(),
    { immediate: true },
  )
  window.addEventListener('online', soon)
}
