import { useTimeoutFn } from '@vueuse/core'

/** The action, done once the calls for it have rested for so long [ms]; the last call counts. */
export function useDebounced<A extends unknown[]>(action: (...args: A) => void, rest: number) {
  const { start } = useTimeoutFn(action, rest, { immediate: false })
  return (...args: A) => start(...args)
}
