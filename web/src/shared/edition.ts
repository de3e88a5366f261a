import { ref } from 'vue'
import type { Refusal } from '../api/client'

/**
 * The edition that a change is made from. Where another is in force by then, the change is refused
 * with both values; kept again after that, it stands knowingly.
 *
 * @param first the edition that was shown; none for what is new
 */
export function useEdition(first?: string) {
  const base = ref(first)
  const query = () => (base.value ? `?base=${base.value}` : '')

  function refused(refusal: Refusal) {
    base.value = refusal.edition ?? base.value
  }

  return { base, query, refused }
}
