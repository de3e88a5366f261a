const GLYPHS: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅙': '1/6',
  '⅛': '1/8',
}

/**
 * A number as people type it: with a point or a comma, or as a fraction, whole part before it or
 * not; null where it is none, or nothing.
 */
export function readNumber(typed: string): number | null {
  const text = typed
    .trim()
    .replace(/[¼½¾⅓⅔⅙⅛]/, (glyph) => ` ${GLYPHS[glyph]}`)
    .trim()
    .replace(',', '.')
  const parts = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text)
  if (parts) {
    const below = Number(parts[3])
    return below ? Number(parts[1] ?? 0) + Number(parts[2]) / below : null
  }
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(text) ? Number(text) : null
}

/** A count with its word, as "1 day" or "3 days". */
export const counted = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`
