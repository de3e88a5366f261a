import type { Particulars } from '../api/types'

/** One field of what is told of a call, by its path, from what it was to what it is. */
export interface Correction {
  field: string
  was?: unknown
  now?: unknown
}

type Fields = Record<string, unknown>

/** What has fields of its own; of the ticks each is a field. */
const NESTED = ['unit', 'motor', 'running', 'wires']
const TICKED = 'agreed'

export const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value))

function fieldsOf(told: Particulars): Fields {
  const fields: Fields = {}
  for (const [name, value] of Object.entries(told)) {
    if (name === TICKED) for (const id of value as string[]) fields[`${TICKED}.${id}`] = true
    else if (!NESTED.includes(name)) fields[name] = value
    else for (const [key, one] of Object.entries(value ?? {})) fields[`${name}.${key}`] = one
  }
  return fields
}

/** Nothing is as good as an empty text or list. */
function bare(value: unknown): string {
  if (typeof value === 'string') return JSON.stringify(value.trim() || null)
  return JSON.stringify(Array.isArray(value) && !value.length ? null : (value ?? null))
}

/** What was changed from one to the other. */
export function corrections(before: Particulars, now: Particulars): Correction[] {
  const [old, fresh] = [fieldsOf(before), fieldsOf(now)]
  return Object.keys({ ...old, ...fresh })
    .filter((field) => bare(old[field]) !== bare(fresh[field]))
    .map((field) => ({ field, was: old[field], now: fresh[field] }))
}

/** With these fields changed, and all others as they are. */
export function corrected(told: Particulars, changes: readonly Correction[]): Particulars {
  const made = copy(told) as unknown as Record<string, Fields | unknown>
  for (const { field, now } of changes) {
    const dot = field.indexOf('.')
    const [name, key] = [field.slice(0, dot), field.slice(dot + 1)]
    if (dot < 0) made[field] = now
    else if (name === TICKED) {
      const others = ((made[TICKED] as string[] | undefined) ?? []).filter((id) => id !== key)
      // In one order, whoever ticked first: as the core has it.
      made[TICKED] = (now ? [...others, key] : others).sort()
    } else made[name] = { ...(made[name] as Fields), [key]: now }
  }
  return made as unknown as Particulars
}

/** The same field changed twice is changed once: from what it was first to what it is last. */
export function merged(changes: readonly Correction[]): Correction[] {
  const by = new Map<string, Correction>()
  for (const one of changes) {
    const first = by.get(one.field)
    by.set(one.field, first ? { ...one, was: first.was } : one)
  }
  return [...by.values()]
}
