import type { Answer } from '../api/types'

/** Answers rarer than this are not spoken of. */
const RARE = 0.005

/** The answers worth a word of what each leads to: none where all would leave things as they are. */
export function telling(answers: Answer[]): Answer[] {
  const likely = answers.filter((answer) => answer.probability > RARE)
  const differ = new Set(likely.map((answer) => `${answer.leadsTo} ${answer.decides}`)).size > 1
  return differ ? likely : []
}
