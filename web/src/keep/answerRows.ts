import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

/** What the server said last at an address, to one account. */
interface KeptAnswer {
  account: string
  path: string
  at: number
  answer: unknown
  /** By which the server knows it again. */
  tag?: string
}

/** A photo that the server has, whole; its size stands beside it, so that sums need not read it. */
interface KeptPhoto {
  account: string
  path: string
  at: number
  size: number
  photo: Blob
}

interface Schema extends DBSchema {
  photos: {
    key: [account: string, path: string]
    value: KeptPhoto
    indexes: { at: [account: string, at: number, size: number] }
  }
  answers: {
    key: [account: string, path: string]
    value: KeptAnswer
    indexes: { at: [account: string, at: number] }
  }
}

/** Of an account so many answers are kept, those that came last: some 500 calls with their units. */
const MOST = 1200

/** Of an account's photos so much is kept, those that came last [byte]: some 1,000. */
const MOST_BYTES = 300_000_000

let opened: Promise<IDBPDatabase<Schema>> | null = null

/** Apart from what waits to be sent: it may be wiped, and a newer form of it stands in nobody's way. */
function database() {
  opened ??= openDB<Schema>('rotor.answers', 3, {
    upgrade(made, before) {
      if (before < 2) {
        // Calls were kept in another form: they are asked for again.
        if (before) made.deleteObjectStore('answers')
        const answers = made.createObjectStore('answers', { keyPath: ['account', 'path'] })
        answers.createIndex('at', ['account', 'at'])
      }
      const photos = made.createObjectStore('photos', { keyPath: ['account', 'path'] })
      photos.createIndex('at', ['account', 'at', 'size'])
    },
    terminated() {
      opened = null
    },
  })
  opened.catch(() => (opened = null))
  return opened
}

const ofAccount = (account: string) => IDBKeyRange.bound([account], [account, []])

export async function answerOf(account: string, path: string) {
  return (await database()).get('answers', [account, path])
}

/** Keeps an answer; the one that came longest ago makes room. */
export async function keepAnswer(
  account: string,
  path: string,
  answer: unknown,
  { most = MOST, tag }: { most?: number; tag?: string } = {},
) {
  const writing = (await database()).transaction('answers', 'readwrite')
  const { store } = writing
  await store.put({ account, path, at: Date.now(), answer, tag })
  let over = (await store.count(ofAccount(account))) - most
  let oldest = over > 0 ? await store.index('at').openCursor(ofAccount(account)) : null
  for (; oldest && over > 0; over--) {
    await oldest.delete()
    oldest = await oldest.continue()
  }
  await writing.done
}

export async function photoOf(account: string, path: string) {
  return (await (await database()).get('photos', [account, path]))?.photo
}

/** Keeps a photo; those that came longest ago make room. */
export async function keepPhoto(account: string, path: string, photo: Blob, most = MOST_BYTES) {
  const writing = (await database()).transaction('photos', 'readwrite')
  const { store } = writing
  await store.put({ account, path, at: Date.now(), size: photo.size, photo })
  // By their keys alone: the oldest first, each with its size.
  const sizes: number[] = []
  let one = await store.index('at').openKeyCursor(ofAccount(account))
  for (; one; one = await one.continue()) sizes.push(one.key[2])
  let over = sizes.reduce((sum, size) => sum + size, 0) - most
  let oldest = over > 0 ? await store.index('at').openCursor(ofAccount(account)) : null
  for (; oldest && over > 0; oldest = await oldest.continue()) {
    over -= oldest.value.size
    await oldest.delete()
  }
  await writing.done
}

/** Below a path, all but these. */
export async function dropPhotosBut(account: string, below: string, these: Set<string>) {
  const writing = (await database()).transaction('photos', 'readwrite')
  const range = IDBKeyRange.bound([account, below], [account, `${below}\uffff`])
  for (const key of await writing.store.getAllKeys(range)) {
    if (!these.has(key[1])) await writing.store.delete(key)
  }
  await writing.done
}

/** Where room gets short, photos are what is given up first: everything else is worth more. */
export async function dropPhotos(account: string) {
  await (await database()).delete('photos', ofAccount(account))
}

export async function dropAnswers(account: string) {
  const writing = (await database()).transaction(['answers', 'photos'], 'readwrite')
  await writing.objectStore('answers').delete(ofAccount(account))
  await writing.objectStore('photos').delete(ofAccount(account))
  await writing.done
}
