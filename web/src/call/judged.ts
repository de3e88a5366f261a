import { onMounted, ref, shallowRef, watch } from 'vue'
import { ask, Faulty, type Answer, type Verb } from '../core/core'
import { inWords } from '../shared/newest'
import { useCall } from './call'

/**
 * A document of a stage: judged by the rules on this device, with the radio off too, and kept where
 * it reads. What this device has not sent yet stands before what the call holds.
 *
 * @param kind as in the path of its saves
 * @param kept what the call holds
 */
export function useJudged<D extends object, V extends Verb>(
  verb: V,
  kind: string,
  kept: () => D,
  keep: (doc: D) => void,
) {
  const { waiting, judging } = useCall()
  const doc = shallowRef<D>(kept())
  const answer = shallowRef<Answer<V> | null>(null)
  /** What is wrong with what was told, by its path. */
  const faults = ref<{ path: string; message: string }[]>([])
  const fault = ref('')
  let asked = 0
  let taking = 0

  /** Whether it reads; what is shown is of the newest that was asked. */
  async function judge(next: D): Promise<boolean> {
    const mine = ++asked
    try {
      const judged = await ask(verb, next)
      if (mine === asked) {
        faults.value = []
        fault.value = ''
        answer.value = judged
      }
      return true
    } catch (failed) {
      if (mine === asked) {
        faults.value = failed instanceof Faulty ? failed.faults : []
        fault.value = failed instanceof Faulty ? '' : inWords(failed)
      }
      return false
    }
  }

  /** What the server answers to an earlier save stands in the way of no later one, nor of a fault. */
  watch(kept, (now) => {
    if (taking || faults.value.length) return
    if (waiting.value.some((save) => save.path.includes(`/${kind}/`))) return
    doc.value = now
    void judge(now)
  })

  onMounted(() => {
    const unsent = waiting.value.findLast((save) => save.path.includes(`/${kind}/`))
    if (unsent) doc.value = unsent.body as D
    return judge(doc.value)
  })

  return {
    doc,
    answer,
    faults,
    fault,
    /** Whether it reads, and is kept. It stands at once, so that the next touch builds on it. */
    async take(next: D): Promise<boolean> {
      const before = doc.value
      doc.value = next
      taking++
      judging.value++
      const reads = await judge(next)
      taking--
      if (reads) keep(next)
      else if (doc.value === next) doc.value = before
      judging.value--
      return reads
    },
  }
}
