import { getFile } from '../api/client'
import { session } from '../session/session'
import { dropPhotosBut, keepPhoto, photoOf } from './answerRows'
import { onSent } from './queue'
import { lookForRoom } from './room'

/** A photo never changes: what is here is what the server has. */

const account = () => session.account?.id ?? ''

async function keep(path: string, photo: Blob) {
  if (!account() || (await lookForRoom()) === 'none') return
  await keepPhoto(account(), path, photo).catch(() => {})
}

/**
 * A photo of the server's, from this device where it is kept here.
 *
 * @throws NoAnswer where it is not, and no answer comes
 */
export async function keptPhoto(path: string): Promise<Blob> {
  const here = account() && (await photoOf(account(), path).catch(() => undefined))
  if (here) return here
  const photo = await getFile(path)
  await keep(path, photo)
  return photo
}

/**
 * Of a call this device keeps what is on it, and nothing that was taken away: that may have been
 * erased, and is to be gone here as well.
 *
 * @param ids of the photos that the server says are on it
 */
export async function keepOnly(call: string, ids: string[]) {
  if (!account()) return
  const path = `/api/calls/${call}/photos/`
  await dropPhotosBut(account(), path, new Set(ids.map((id) => path + id))).catch(() => {})
}

// What was taken here need not come back from the server to be seen here.
onSent((save, _result, refusal) => {
  if (!refusal && save.body instanceof Blob) void keep(save.path.split('?')[0]!, save.body)
})
