import { computed, onScopeDispose, ref, shallowReactive } from 'vue'
import type { Refusal } from '../api/client'
import { onSent, send, waiting } from '../keep/queue'

/** Changes that one part of the page makes: sent through the queue, and told when they arrived. */
export function useSaves<T>(take: (result: T) => void) {
  const mine = shallowReactive(new Set<string>())
  const refusal = ref<Refusal | null>(null)
  const stop = onSent((save, result, no) => {
    if (!mine.has(save.id)) return
    if (no) refusal.value = no
    else if (result !== undefined) take(result as T)
  })
  onScopeDispose(stop)

  return {
    refusal,
    /** What waits for the radio. */
    unsent: computed(() => waiting().filter((save) => mine.has(save.id)).length),
    /**
     * @param path to which the id of the save is put
     */
    async save(path: string, body: unknown, label: string) {
      refusal.value = null
      const id = crypto.randomUUID()
      mine.add(id)
      await send({ id, path: `${path}/${id}`, body, label, form: path })
      return id
    },
  }
}
