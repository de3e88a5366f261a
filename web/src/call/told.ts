import { computed, ref, watch } from 'vue'
import { useDebounced } from '../shared/debounced'
import { useCall } from './call'
import { copy, corrected, corrections } from './corrections'

/** What was told of a call, to be changed in place: sent as soon as the hand rests. */
export function useTold() {
  const { toldLast, refusal: refused, correct } = useCall()
  let before = copy(toldLast.value)
  const told = ref(copy(before))
  const refusal = computed(() => refused.value?.refusal ?? null)
  const keep = useDebounced(() => {
    const changes = corrections(before, copy(told.value))
    if (!changes.length) return
    before = copy(told.value)
    void correct(changes)
  }, 500)
  watch(told, keep, { deep: true })
  // What others told meanwhile stands here, too, but for what is being changed just now.
  watch(toldLast, (last) => {
    const mine = corrections(before, copy(told.value))
    const theirs = corrections(before, last)
    // Of a field that both changed, the server is to say so: it goes out from what was seen here.
    const both = theirs.filter((one) => mine.some(({ field }) => field === one.field))
    before = corrected(
      last,
      both.map(({ field, was }) => ({ field, now: was })),
    )
    if (theirs.length) told.value = corrected(corrected(told.value, theirs), mine)
  })
  return { told, refusal }
}
