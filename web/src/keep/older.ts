import { deleteDB, openDB } from 'idb'
import type { Save } from './rows'

const LIST = 'rotor.outbox'
const PHOTOS = 'rotor.photos'

/**
 * What an earlier version of this page left waiting: a list in one text, and photos in a database
 * of their own. Each is given on once it is in the new place, and only then taken from the old one.
 */
export async function takeOver(add: (save: Save) => Promise<unknown>) {
  const text = localStorage.getItem(LIST)
  if (text) {
    const list = JSON.parse(text) as Omit<Save, 'id'>[]
    for (const one of list) await add({ ...one, id: one.path.split('/').at(-1)! })
    localStorage.removeItem(LIST)
  }
  if (!(await indexedDB.databases?.())?.some((one) => one.name === PHOTOS)) return
  const old = await openDB(PHOTOS)
  const photos = old.objectStoreNames.contains('waiting') ? await old.getAll('waiting') : []
  for (const { id, call, kind, blob } of photos) {
    await add({
      id,
      call,
      path: `/api/calls/${call}/photos/${id}?kind=${kind}`,
      body: blob,
      label: 'A photo',
    })
  }
  old.close()
  await deleteDB(PHOTOS)
}
