/** A number as people type it, with a point or a comma; null where it is none, or nothing. */
export function readNumber(typed: string): number | null {
  const text = typed.trim().replace(',', '.')
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(text) ? Number(text) : null
}
