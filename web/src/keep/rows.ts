import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Refusal } from '../api/client'

/** A change on its way to the server: a row of its own in this browser's database. */
export interface Save {
  /** Made by the page; the path ends with it, so that the server knows a repeated save again. */
  id: string
  path: string
  /** A file goes as it is, everything else as JSON. */
  body?: unknown
  /** What it is, in a person's words. */
  label: string
  /** The call that it belongs to. */
  call?: string
  /** A later save about the same takes the place of a refused one: a form that holds it whole. */
  form?: string
}

export interface Kept extends Save {
  /** The order of entry, over all tabs. */
  seq?: number
  /** A file, which takes its time on a slow link. */
  large?: boolean
  /** Who made it; it is sent under no other account. */
  account: string
  by: string
  /** When it was made, by this device (ISO 8601). */
  at?: string
  /** Why the server will not take it; it stays until a person sends it again or throws it away. */
  refused?: Pick<Refusal, 'status' | 'message' | 'errors' | 'conflicts'>
}

interface Schema extends DBSchema {
  saves: { key: number; value: Kept; indexes: { id: string } }
}

let opened: Promise<IDBPDatabase<Schema>> | null = null

function database() {
  opened ??= openDB<Schema>('rotor', 1, {
    upgrade(made) {
      const saves = made.createObjectStore('saves', { keyPath: 'seq', autoIncrement: true })
      saves.createIndex('id', 'id', { unique: true })
    },
    terminated() {
      opened = null
    },
  })
  opened.catch(() => (opened = null))
  return opened
}

/** Every row, oldest first. */
export const allRows = async () => (await database()).getAll('saves')

export const addRow = async (row: Kept) => (await database()).add('saves', row)

export const changeRow = async (row: Kept) => (await database()).put('saves', row)

export const dropRow = async (seq: number) => (await database()).delete('saves', seq)
