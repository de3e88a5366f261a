import { ref } from 'vue'
import { session } from '../session/session'
import { dropPhotos } from './answerRows'

/** With less room than this left on the device [byte], no photos are kept on it. */
const LITTLE = 60_000_000

/** How much is left [byte], where that is little; null otherwise, and where the browser does not say. */
export const roomLeft = ref<number | null>(null)

/** So soon it is not looked for again [ms]. */
const FRESH = 20_000
let lookedAt = -Infinity

/** Whether there is room for photos; where there is not, those that are here make some. */
export async function lookForRoom(): Promise<'enough' | 'none'> {
  if (performance.now() - lookedAt < FRESH) return roomLeft.value === null ? 'enough' : 'none'
  lookedAt = performance.now()
  const said = await navigator.storage?.estimate?.().catch(() => undefined)
  if (said?.quota === undefined || said.usage === undefined) return 'enough'
  const left = said.quota - said.usage
  roomLeft.value = left < LITTLE ? left : null
  if (roomLeft.value === null) return 'enough'
  if (session.account) await dropPhotos(session.account.id).catch(() => {})
  return 'none'
}
