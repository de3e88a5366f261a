import { ref, watch } from 'vue'
import { get, getUnless, NoAnswer } from '../api/client'
import { session } from '../session/session'
import { answerOf, dropAnswers, keepAnswer } from './answerRows'

/**
 * What the server answered last stays on this device, an account's own, and stands in where no
 * answer comes: the words and rules, the list, the calls that were opened, the settings.
 */

/** Since when what is shown is no newer [ms since 1970]; null while the server answers. */
export const old = ref<number | null>(null)

const account = () => session.account?.id ?? ''

/** Keeps what the server says at an address. Nobody waits for that; without room it is not kept. */
export async function keepHere(path: string, answer: unknown) {
  if (account()) await keepAnswer(account(), path, answer).catch(() => {})
}

/**
 * As the server answers now; without one, as it did last.
 *
 * @param answered is told what it answers now
 */
export const getKept = async <T>(
  path: string,
  headers?: Record<string, string>,
  answered?: (answer: T) => void,
): Promise<T> =>
  (
    await keptInstead(path, async () => {
      const answer = await get<T>(path, headers)
      void keepHere(path, answer)
      answered?.(answer)
      return answer
    })
  ).answer

/** What is large and seldom changes: it comes over the radio only where it is another than here. */
export async function getChanged<T>(path: string): Promise<{ answer: T; at: number }> {
  const here = account() ? await answerOf(account(), path).catch(() => undefined) : undefined
  return keptInstead(path, async () => {
    const said = await getUnless<T>(path, here?.tag)
    const answer = 'answer' in said ? said.answer! : (here!.answer as T)
    if (account()) await keepAnswer(account(), path, answer, { tag: said.tag }).catch(() => {})
    return answer
  })
}

/** As it was kept, where asking has no answer; with when the server said it [ms since 1970]. */
async function keptInstead<T>(path: string, asking: () => Promise<T>) {
  try {
    const answer = await asking()
    old.value = null
    return { answer, at: Date.now() }
  } catch (failed) {
    if (!(failed instanceof NoAnswer) || !account()) throw failed
    const kept = await answerOf(account(), path).catch(() => undefined)
    if (!kept) throw failed
    old.value = Math.min(old.value ?? Infinity, kept.at)
    return { answer: kept.answer as T, at: kept.at }
  }
}

/** Whoever signs out leaves nothing of it here; a session that only ended does. */
watch(
  () => session.account?.id,
  (now, before) => {
    if (before && !now && session.owed) void dropAnswers(before).catch(() => {})
    old.value = null
  },
  { flush: 'sync' },
)
