import { computed, ref, watch } from 'vue'
import type { Particulars } from '../api/types'
import { useDebounced } from '../shared/debounced'
import { useCall } from './call'

/** What was told of a call, to be changed in place: sent as soon as the hand rests. */
export function useTold() {
  const { call, refusal: refused, tell } = useCall()
  const copy = (): Particulars => JSON.parse(JSON.stringify(call.value.particulars))
  const told = ref(copy())
  const kept = ref(JSON.stringify(told.value))
  const refusal = computed(() => refused.value?.refusal ?? null)
  const keep = useDebounced(() => {
    const now = JSON.stringify(told.value)
    if (now === kept.value) return
    kept.value = now
    void tell(JSON.parse(now))
  }, 500)
  watch(told, keep, { deep: true })
  return { told, refusal }
}
