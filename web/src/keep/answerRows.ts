import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

/** What the server said last at an address, to one account. */
interface KeptAnswer {
  account: string
  path: string
  at: number
  answer: unknown
}

interface Schema extends DBSchema {
  answers: {
    key: [account: string, path: string]
    value: KeptAnswer
    indexes: { at: [account: string, at: number] }
  }
}

/** Of an account so many answers are kept, those that came last. */
const MOST = 600

let opened: Promise<IDBPDatabase<Schema>> | null = null

/** Apart from what waits to be sent: it may be wiped, and a newer form of it stands in nobody's way. */
function database() {
  opened ??= openDB<Schema>('rotor.answers', 2, {
    upgrade(made, before) {
      // Calls were kept in another form: they are asked for again.
      if (before) made.deleteObjectStore('answers')
      const answers = made.createObjectStore('answers', { keyPath: ['account', 'path'] })
      answers.createIndex('at', ['account', 'at'])
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
export async function keepAnswer(account: string, path: string, answer: unknown, most = MOST) {
  const writing = (await database()).transaction('answers', 'readwrite')
  const { store } = writing
  await store.put({ account, path, at: Date.now(), answer })
  let over = (await store.count(ofAccount(account))) - most
  let oldest = over > 0 ? await store.index('at').openCursor(ofAccount(account)) : null
  for (; oldest && over > 0; over--) {
    await oldest.delete()
    oldest = await oldest.continue()
  }
  await writing.done
}

export async function dropAnswers(account: string) {
  const writing = (await database()).transaction('answers', 'readwrite')
  await writing.store.delete(ofAccount(account))
  await writing.done
}
