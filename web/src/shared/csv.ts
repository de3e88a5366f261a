import { ref } from 'vue'
import { Refusal, request } from '../api/client'

/** Brings a list in from a CSV file: all of it, or nothing and what is wrong with it. */
export function useCsv<T>(path: string, took: (all: T[]) => void) {
  const refusal = ref<Refusal | null>(null)
  const fault = ref('')

  async function bringIn(event: Event) {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    if (!file) return
    refusal.value = null
    fault.value = ''
    try {
      const csv = new Blob([await file.arrayBuffer()], { type: 'text/csv' })
      took(await request<T[]>('PUT', `${path}/${crypto.randomUUID()}`, csv))
    } catch (failed) {
      if (failed instanceof Refusal) refusal.value = failed
      else fault.value = 'No answer from the server. Nothing was brought in; try again.'
    }
    input.value = ''
  }

  return { bringIn, refusal, fault }
}
