import { shallowRef, watch } from 'vue'
import type { Call } from '../api/types'
import { askOfCall, tellShop, type OfCall } from '../core/core'
import { getChanged, getKept, keepHere } from '../keep/answers'
import { keepOnly } from '../keep/photos'
import type { Kept } from '../keep/rows'
import { session } from '../session/session'
import { dayIn, shopZone } from '../shared/time'

/**
 * A call as this device holds it: its log as the server said it last, and what waits to be sent.
 * Everything that is shown of it can be worked out here.
 */
export type Held = { log: object } | { opened: Kept }

/** What the shop brings to each call; null until it was read once. */
const shop = shallowRef<object | null>(null)
let written = ''
/** When the server said that [ms since 1970]. */
let saidAt = 0

/**
 * As the server says now, or said last; and the rules are told. Where it is the same as before, it
 * stays the same object.
 */
export async function readShop() {
  const { answer: said, at } = await getChanged<object>('/api/calls/shop')
  saidAt = at
  const now = JSON.stringify(said)
  if (now !== written) {
    written = now
    shop.value = said
    shopZone.value = (said as { settings: { timeZone: string } }).settings.timeZone
  }
  tellShop(shop.value!)
}

// Whoever signs out leaves nothing of it here.
watch(
  () => session.account?.id,
  (account) => {
    if (account) return
    shop.value = null
    written = ''
  },
)

/** A call as it is shown, and as it is worked out anew. */
interface Said {
  view: Call
  /** Null where the server is of a version that does not say it. */
  log: object | null
}

const pathOf = (id: string) => `/api/calls/${id}`

/** As the server says it, or said it last. */
export async function readCall(id: string): Promise<Said> {
  const viewOf = (said: Said | Call) => ('view' in said ? said.view : said)
  const said = await getKept<Said | Call>(pathOf(id), { 'Rotor-Answer': 'both' }, (now) => {
    // A server of another version may not say them.
    const photos = viewOf(now).photos as Call['photos'] | undefined
    if (photos)
      void keepOnly(
        id,
        photos.map((photo) => photo.id),
      )
  })
  return 'view' in said ? said : { view: said, log: null }
}

/** What the server said of it with a save is what it said last. */
export const keepCall = (id: string, said: Said) => keepHere(pathOf(id), said)

const KIND = /^\/api\/calls\/[^/]+\/([a-z]+)\/[^/?]+$/

/** As the rules read it. */
const asSave = (row: Kept) => ({
  id: row.id,
  kind: KIND.exec(row.path)?.[1] ?? '',
  body: row.body instanceof Blob ? {} : (row.body ?? {}),
  author: row.by,
  at: row.at ?? new Date().toISOString(),
})

/** Whether it opens a call. */
export const isOpening = (row: Kept) => row.path === `/api/calls/${row.call}`

/**
 * What the rules say of a call that this device holds.
 *
 * @param waiting what is not sent yet, in its order
 * @throws Error where the rules cannot be had here, or do not know what the log holds
 */
export async function workOut<V extends keyof OfCall>(
  verb: V,
  held: Held,
  waiting: Kept[],
  more: object = {},
): Promise<OfCall[V]> {
  if (!shop.value) await readShop()
  return askOfCall(shop.value!, verb, {
    ...('log' in held ? held : { opened: asSave(held.opened) }),
    saves: waiting.filter((row) => !isOpening(row)).map(asSave),
    today: today(held),
    priced: dayIn(shopZone.value, new Date(saidAt)),
    ...more,
  })
}

/** By this device's clock, unless that is behind what the server last said of the call. */
function today(held: Held) {
  const here = dayIn(shopZone.value)
  if (!('log' in held)) return here
  const last = dayIn(shopZone.value, new Date(changedAt(held.log)))
  return here < last ? last : here
}

/** When the server says that a call changed last [ms since 1970]. */
export const changedAt = (log: object) => Date.parse((log as { changedAt: string }).changedAt)
