import type { Call } from '../api/types'

/** What others did between two states of a call, in one sentence; nothing where nobody did. */
export function newsOf(before: Call, now: Call, me: string): string {
  const known = new Set(before.readings.map((one) => one.id))
  const theirs = now.readings.filter((one) => !known.has(one.id) && one.author !== me)
  const last = theirs.at(-1)
  if (last) {
    const more = theirs.length > 1 ? ` and ${theirs.length - 1} more` : ''
    return `${last.author} recorded ${last.spoken}${more}.`
  }
  const back = now.readings.find(
    (one) =>
      one.retractedBy &&
      one.retractedBy !== me &&
      !before.readings.some((old) => old.id === one.id && old.retracted),
  )
  if (back) return `${back.retractedBy} took back ${back.spoken}.`
  const decided = now.decisions.at(-1)
  if (decided && now.decisions.length > before.decisions.length && decided.author !== me) {
    return `${decided.author} chose a way forward.`
  }
  return ''
}
