import type { Diagnosis, NextTest } from '../api/types'

/** What the card asks for next; nothing where all that is to be done is known. */
export function stepOf(diagnosis: Diagnosis): NextTest | undefined {
  const { verdict, beforeChoosing, nextTests } = diagnosis
  // Readings that exclude each other, or that do not agree, come before all else.
  if (nextTests[0]?.again) return nextTests[0]
  const { trial } = verdict.remedy
  // What costs minutes and no part is mended and tried.
  if (trial) return nextTests.find((one) => one.id === trial)
  const onceMore = beforeChoosing.find((one) => one.again)
  if (verdict.remedy.state === 'SETTLED') return onceMore
  if (verdict.state !== 'DECIDED') return nextTests[0]
  const turns = new Set(verdict.remedy.wouldChange)
  return (
    beforeChoosing.find((one) => turns.has(one.id)) ??
    nextTests.find((one) => turns.has(one.id)) ??
    onceMore
  )
}

/** What is said of readings that cannot all be true, beside them. */
export const AT_ODDS: string[] = ['CONTRADICTION', 'DISAGREE']

/** What may still be worth a look when the card's own question is left aside. */
export const alsoWorthALook = (diagnosis: Diagnosis, shown: string | undefined): NextTest[] =>
  diagnosis.beforeChoosing.filter((one) => one.id !== shown)
