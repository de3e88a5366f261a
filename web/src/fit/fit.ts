import type { components } from '../core/answers'

/** What was done of a job, in the document of the open format, and its steps as the rules answer. */
type Schemas = components['schemas']

export type Ask = Schemas['Ask']
export type FitDoc = Schemas['Fit']
export type Fitting = Schemas['Fitting']
export type Hold = Schemas['Hold']
export type Note = Schemas['Note']
/** A place on a photo, as shares of its width and height. */
export type PhotoMark = Schemas['PhotoMark']
export type Standing = Schemas['Standing']
export type Step = Schemas['Step']

/** A step marked as done, or left out with a word why. */
export function marked(doc: FitDoc, id: string, why = ''): FitDoc {
  const others = doc.marks.filter((one) => one.id !== id)
  return { ...doc, marks: [...others, { id, done: !why, why }] }
}

/** A step that is to be done once more; what was noted at it stays. */
export const unmarked = (doc: FitDoc, id: string): FitDoc => ({
  ...doc,
  marks: doc.marks.filter((one) => one.id !== id),
})

/**
 * What was noted at a step; empty takes a note away. Where what was bad is mended by it, that it
 * was so stays on record.
 */
export function noted(doc: FitDoc, asks: Ask[], values: Record<string, Note | undefined>): FitDoc {
  const notes = { ...doc.notes }
  for (const [id, value] of Object.entries(values)) {
    const words = asks.find((one) => one.id === id)?.words ?? []
    const was = words.find((one) => one.id === notes[id])
    const is = words.find((one) => one.id === value)
    if (was?.leadsTo && is && !is.leadsTo) notes[`${id}.was`] = was.id
    if (value === undefined || value === '') delete notes[id]
    else notes[id] = value
  }
  return { ...doc, notes }
}

/** Something came out; it is handed back in reverse. */
export const takenOut = (doc: FitDoc, what: string, where = ''): FitDoc => ({
  ...doc,
  removed: [...doc.removed, { what, where, back: false }],
})

export const changedAt = (
  doc: FitDoc,
  at: number,
  change: Partial<FitDoc['removed'][number]>,
): FitDoc => ({
  ...doc,
  removed: doc.removed.map((one, index) => (index === at ? { ...one, ...change } : one)),
})

export const neverOut = (doc: FitDoc, at: number): FitDoc => ({
  ...doc,
  removed: doc.removed.filter((_one, index) => index !== at),
})

/** As it stands on a button. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** The one word that is all that a step needs: with it the step is done. */
export const oneWord = (step: Step): Ask | undefined =>
  step.asks.length === 1 && step.asks[0]!.words.length && step.list === 'NONE'
    ? step.asks[0]
    : undefined
