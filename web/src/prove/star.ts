/** Geometry of the winding picture: three coils from their terminals to the star point. */
export interface Point {
  x: number
  y: number
}

export const CENTRE: Point = { x: 220, y: 142 }

export const TERMINALS: Record<'A' | 'B' | 'C', Point> = {
  A: { x: 220, y: 26 },
  B: { x: 96, y: 222 },
  C: { x: 344, y: 222 },
}

/** The point at this share of the way from one to the other. */
export function along(from: Point, to: Point, share: number): Point {
  return { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share }
}

const round = (value: number) => Math.round(value * 10) / 10

/** A coil as an SVG path: so many half-round turns on the line between two points. */
export function coil(from: Point, to: Point, turns: number): string {
  const radius = Math.hypot(to.x - from.x, to.y - from.y) / turns / 2
  let path = `M${round(from.x)} ${round(from.y)}`
  for (let turn = 1; turn <= turns; turn++) {
    const end = along(from, to, turn / turns)
    path += `A${round(radius)} ${round(radius)} 0 0 1 ${round(end.x)} ${round(end.y)}`
  }
  return path
}

/** A bow between two points, bent away from the centre of the star. */
export function bow(from: Point, to: Point, bend: number): string {
  const middle = along(from, to, 0.5)
  const dx = middle.x - CENTRE.x
  const dy = middle.y - CENTRE.y
  const length = Math.hypot(dx, dy) || 1
  return `M${round(from.x)} ${round(from.y)}Q${round(middle.x + (dx / length) * bend)} ${round(
    middle.y + (dy / length) * bend,
  )} ${round(to.x)} ${round(to.y)}`
}

/** A point beside a coil, for its label: shifted square to the line, outward. */
export function beside(from: Point, to: Point, share: number, distance: number): Point {
  const at = along(from, to, share)
  const dx = to.x - from.x
  const dy = to.y - from.y
  const length = Math.hypot(dx, dy) || 1
  return { x: at.x - (dy / length) * distance, y: at.y + (dx / length) * distance }
}
