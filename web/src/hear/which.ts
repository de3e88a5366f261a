import type { MotorQuestion } from '../api/types'

/** The families that look as answered; a question without an answer leaves all. */
export function left(
  questions: MotorQuestion[],
  answers: Record<string, string>,
  all: string[],
): string[] {
  return questions.reduce((rest, question) => {
    const answer = question.answers.find((one) => one.id === answers[question.id])
    return answer ? rest.filter((family) => (answer.leaves as string[]).includes(family)) : rest
  }, all)
}

/** The first question not asked yet of which some answer would leave fewer. */
export function next(
  questions: MotorQuestion[],
  answers: Record<string, string>,
  asked: string[],
  all: string[],
): MotorQuestion | undefined {
  const rest = left(questions, answers, all)
  if (rest.length < 2) return undefined
  return questions.find(
    (question) =>
      !asked.includes(question.id) &&
      question.answers.some(({ leaves }) => {
        const kept = rest.filter((family) => (leaves as string[]).includes(family)).length
        return kept > 0 && kept < rest.length
      }),
  )
}
