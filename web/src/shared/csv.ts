import { ref } from 'vue'
import { NoAnswer, Refusal, request, untilAnswered } from '../api/client'

/**
 * Brings a list in from a CSV file: all of it, or nothing and what is wrong with it. Without an
 * answer it is not known which, and the same list is asked for again.
 */
export function useCsv<T>(path: string, took: (all: T[], id: string) => void) {
  const refusal = ref<Refusal | null>(null)
  const fault = ref('')
  /** What is going on; empty while nothing is. */
  const busy = ref('')

  async function bringIn(event: Event) {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    if (!file || busy.value) return
    refusal.value = null
    fault.value = ''
    busy.value = `Bringing in ${file.name}…`
    const id = crypto.randomUUID()
    try {
      const csv = new Blob([await file.arrayBuffer()], { type: 'text/csv' })
      const all = await untilAnswered(
        () => request<T[]>('PUT', `${path}/${id}`, csv),
        () => (busy.value = `Not known yet whether ${file.name} arrived. Asking again…`),
      )
      took(all, id)
    } catch (failed) {
      if (failed instanceof Refusal) refusal.value = failed
      else if (failed instanceof NoAnswer)
        fault.value = `Not known whether ${file.name} was brought in: look at the list once the server answers, before you try again.`
      else fault.value = `${file.name} cannot be read on this device.`
    }
    busy.value = ''
    input.value = ''
  }

  return { bringIn, refusal, fault, busy }
}
