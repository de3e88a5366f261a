import { computed, ref, watch, type Ref } from 'vue'
import type { Check, NextTest } from '../api/types'

/** What the call says of its checks, as far as asking goes by it. */
export interface Asked {
  /** The one that is asked next; nothing where none is left. */
  next: Ref<{ id: string; again: boolean } | undefined>
  checks: Ref<Check[]>
  tests: Ref<NextTest[]>
  /** All that are taken, also what is worked out anew of the same ones. */
  readings: Ref<{ id: string; fact: string }[]>
  answered: (check: string) => boolean
}

/**
 * Which check is asked: the next one, or the one that was taken instead, until all its answers are
 * in; and whether it is asked once more, which confirms or disputes and corrects nothing.
 *
 * @param first the check taken from the beginning, if any
 */
export function useAsking(
  { next, checks, tests, readings, answered }: Asked,
  first: string | null,
) {
  const chosen = ref(first)
  const onceMore = ref(false)
  /** Of a check that is asked once more, what has been read since. */
  const since = ref<string[]>([])

  const shown = computed(() => chosen.value ?? next.value?.id)
  const check = computed(() => checks.value.find((one) => one.id === shown.value))
  const test = computed(() => tests.value.find((one) => one.id === shown.value))
  const again = computed(() => (chosen.value ? onceMore.value : (test.value?.again ?? false)))

  // When the chosen check has all its answers, the next one is shown again. The server's word of an
  // earlier reading is no answer to it: one that was answered before can be taken anew meanwhile.
  const known = new Set(readings.value.map((one) => one.id))
  watch(readings, (now) => {
    const more = now.filter((one) => !known.has(one.id))
    more.forEach((one) => known.add(one.id))
    if (!chosen.value || !more.some((one) => check.value?.facts.includes(one.fact))) return
    const open = check.value?.facts.some((one) => !since.value.includes(one))
    if (!(onceMore.value && open) && answered(chosen.value)) chosen.value = null
  })

  return {
    chosen,
    shown,
    check,
    test,
    again,
    /** Opens a check; once more where what was read is to be confirmed, not corrected. */
    take(id: string, more = false) {
      since.value = []
      chosen.value = id === next.value?.id && more === next.value.again ? null : id
      onceMore.value = more || (test.value?.again ?? false)
    },
    /** The one that is asked next, whatever was taken. */
    back: () => (chosen.value = null),
    ask: (more: boolean) => (onceMore.value = more),
    /** A fact of the check is being read; gives whether it is read once more. */
    reading(fact: string) {
      const more = again.value
      // A check of several readings stays until all are in, also when another would now come first.
      if (check.value && check.value.facts.length > 1 && !chosen.value) {
        chosen.value = check.value.id
        onceMore.value = more
        since.value = []
      }
      if (more) since.value.push(fact)
      return more
    },
  }
}
