/** A name written by hand, as points in a field of so many pixels. */
export interface Ink {
  points: { x: number; y: number }[]
}

/** Of the field in which a name is kept, whatever this screen's is [units]; as the rules have it. */
export const FIELD = { width: 1000, height: 300 }

/** Longest that its path may be [characters]; as the rules have it. */
const LONGEST = 20_000

/** What is drawn in less than this is a touch, and no name [units]. */
const SHORTEST = 100

type Point = [number, number]

const within = (value: number, most: number) => Math.min(most, Math.max(0, Math.round(value)))

function stroke(ink: Ink, width: number, height: number): Point[] {
  const points: Point[] = []
  for (const { x, y } of ink.points) {
    const at: Point = [
      within((x * FIELD.width) / width, FIELD.width),
      within((y * FIELD.height) / height, FIELD.height),
    ]
    const last = points.at(-1)
    if (!last || last[0] !== at[0] || last[1] !== at[1]) points.push(at)
  }
  // The dot of an i.
  if (points.length === 1) points.push([points[0]![0], within(points[0]![1] + 2, FIELD.height)])
  return points
}

const lengthOf = (points: Point[]) =>
  points
    .slice(1)
    .reduce((sum, [x, y], at) => sum + Math.hypot(x - points[at]![0], y - points[at]![1]), 0)

const pathOf = (strokes: Point[][]) =>
  strokes
    .map((points) => points.map(([x, y], at) => `${at ? 'L' : 'M'}${x} ${y}`).join(''))
    .join('')

/** Of each stroke every other point, and its last. */
const thinned = (points: Point[]) =>
  points.filter((_one, at) => at % 2 === 0 || at === points.length - 1)

/**
 * As the path of an SVG, in the field that it is kept in; empty where nobody signed.
 *
 * @param width of the field that it was drawn in [px]
 * @param height likewise
 */
export function pathOfInk(ink: Ink[], width: number, height: number): string {
  let strokes = ink
    .map((one) => stroke(one, width, height))
    .filter((points) => points.length > 1 && lengthOf(points) > 0)
  if (strokes.reduce((sum, points) => sum + lengthOf(points), 0) < SHORTEST) return ''
  while (pathOf(strokes).length > LONGEST && strokes.some((points) => points.length > 3)) {
    strokes = strokes.map(thinned)
  }
  const path = pathOf(strokes)
  return path.length > LONGEST ? '' : path
}
