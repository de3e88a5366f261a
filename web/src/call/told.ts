import { computed, ref, watch } from 'vue'
import type { Particulars } from '../api/types'
import { useDebounced } from '../shared/debounced'
import { useCall } from './call'

type Fields = Record<string, unknown>

const copy = (told: Particulars): Particulars => JSON.parse(JSON.stringify(told))

function put(before: Fields, now: Fields, onto: Fields) {
  for (const key of Object.keys({ ...before, ...now })) {
    if (JSON.stringify(before[key]) !== JSON.stringify(now[key])) onto[key] = now[key]
  }
}

/** What was changed here, put onto what was told last: what was told elsewhere meanwhile stays. */
export function changed(before: Particulars, now: Particulars, last: Particulars): Particulars {
  const onto = copy(last)
  const { unit, motor, running } = onto
  put(before as unknown as Fields, now as unknown as Fields, onto as unknown as Fields)
  put(before.unit as Fields, now.unit as Fields, unit as Fields)
  put(before.motor as unknown as Fields, now.motor as unknown as Fields, motor as unknown as Fields)
  put((before.running ?? {}) as Fields, (now.running ?? {}) as Fields, (running ?? {}) as Fields)
  return { ...onto, unit, motor, running }
}

/** What was told of a call, to be changed in place: sent as soon as the hand rests. */
export function useTold() {
  const { toldLast, refusal: refused, tell } = useCall()
  const before = copy(toldLast.value)
  const told = ref(copy(before))
  const kept = ref(JSON.stringify(before))
  const refusal = computed(() => refused.value?.refusal ?? null)
  const keep = useDebounced(() => {
    const now = JSON.stringify(told.value)
    if (now === kept.value) return
    kept.value = now
    void tell(changed(before, JSON.parse(now), toldLast.value))
  }, 500)
  watch(told, keep, { deep: true })
  return { told, refusal }
}
