import { get, NoAnswer } from '../api/client'
import type { BookRow, BookView, Hit } from '../api/types'
import { getKept } from '../keep/answers'

/** As many as the server shows. */
const MOST = 100

/** What is looked for: a code as a lamp tells it, or words that must all be there. */
export type Wanted = { pattern: string } | { search: string }

const small = (text: string) => text.trim().toLowerCase()

function isHit(book: BookView, row: Hit['row'], wanted: Wanted) {
  if ('pattern' in wanted) return small(row.pattern) === small(wanted.pattern)
  const told = small([book.name, row.line, row.pattern, row.meaning].join(' '))
  return small(wanted.search)
    .split(/\s+/)
    .every((word) => told.includes(word))
}

/** The same in the books that this device holds. */
async function inKept(wanted: Wanted): Promise<Hit[]> {
  const hits: Hit[] = []
  for (const { id } of await getKept<BookRow[]>('/api/codebooks')) {
    // One that was never read here is not among them.
    const book = await getKept<BookView>(`/api/codebooks/${id}`).catch(() => null)
    book?.rows.forEach((row) => {
      if (isHit(book, row, wanted)) hits.push({ book: book.id, name: book.name, row })
    })
  }
  return hits.slice(0, MOST)
}

/** Codes in the shop's books; without an answer of the server, in those that this device holds. */
export async function findCodes(wanted: Wanted): Promise<Hit[]> {
  const [name, value] = Object.entries(wanted)[0]!
  try {
    return await get<Hit[]>(`/api/codes?${name}=${encodeURIComponent(value)}`)
  } catch (failed) {
    if (!(failed instanceof NoAnswer)) throw failed
    return inKept(wanted)
  }
}
