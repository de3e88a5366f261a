import { onScopeDispose, ref } from 'vue'

/** What went wrong, in words. */
export const inWords = (failed: unknown) =>
  failed instanceof Error ? failed.message : 'No answer.'

/**
 * Questions of which the newest alone counts: a slow answer to an earlier one never stands over a
 * later one, nor does its failing.
 *
 * @param say what of a failing is shown
 */
export function useNewest(say: (failed: unknown) => string = inWords) {
  const fault = ref('')
  const asking = ref(false)
  let asked = 0
  /** What is still on its way is of no use any more. */
  function forget() {
    asked++
    asking.value = false
  }
  onScopeDispose(forget)

  /**
   * Asks, and does what is to be done with the answer.
   *
   * @returns whether it was the newest, and was answered
   */
  async function ask<T>(question: () => Promise<T>, take: (answer: T) => void): Promise<boolean> {
    const mine = ++asked
    asking.value = true
    try {
      const answer = await question()
      if (mine !== asked) return false
      fault.value = ''
      take(answer)
      return true
    } catch (failed) {
      if (mine === asked) fault.value = say(failed)
      return false
    } finally {
      if (mine === asked) asking.value = false
    }
  }

  return { fault, asking, ask, forget }
}
