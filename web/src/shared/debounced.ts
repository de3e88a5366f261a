import { onScopeDispose } from 'vue'

/** The action, done once the calls for it have rested for so long [ms]; the last call counts. */
export function useDebounced<A extends unknown[]>(action: (...args: A) => void, rest: number) {
  let timer: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(timer))
  return (...args: A) => {
    clearTimeout(timer)
    timer = setTimeout(() => action(...args), rest)
  }
}
