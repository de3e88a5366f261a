import { onMounted, ref, shallowRef, watch } from 'vue'
import { ask, Faulty, inWords, type Verb } from '../core/core'
import { useCall } from './call'

/**
 * A document of a stage: judged by the rules on this device, with the radio off too, and kept where
 * it reads. What this device has not sent yet stands before what the call holds.
 *
 * @param kind as in the path of its saves
 * @param kept what the call holds
 */
export function useJudged<D extends object, A>(
  verb: Verb,
  kind: string,
  kept: () => D,
  keep: (doc: D) => void,
) {
  const { waiting } = useCall()
  const doc = shallowRef<D>(kept())
  const answer = shallowRef<A | null>(null)
  /** What is wrong with what was told, by its path. */
  const faults = ref<{ path: string; message: string }[]>([])
  const fault = ref('')
  let asked = 0

  async function judge(next: D): Promise<boolean> {
    const mine = ++asked
    try {
      const judged = await ask<A>(verb, next)
      if (mine !== asked) return false
      faults.value = []
      fault.value = ''
      doc.value = next
      answer.value = judged
      return true
    } catch (failed) {
      if (mine !== asked) return false
      faults.value = failed instanceof Faulty ? failed.faults : []
      fault.value = failed instanceof Faulty ? '' : inWords(failed)
      return false
    }
  }

  watch(kept, (now) => {
    if (!waiting.value.some((save) => save.path.includes(`/${kind}/`))) void judge(now)
  })

  onMounted(() => {
    const unsent = waiting.value.findLast((save) => save.path.includes(`/${kind}/`))
    return judge((unsent?.body as D | undefined) ?? doc.value)
  })

  return {
    doc,
    answer,
    faults,
    fault,
    /** Whether it reads, and is kept. */
    async take(next: D): Promise<boolean> {
      const reads = await judge(next)
      if (reads) keep(next)
      return reads
    },
  }
}
