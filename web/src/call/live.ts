import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { onScopeDispose } from 'vue'

/** How soon a stream that the server refused is asked for again [ms]. */
const AGAIN_MS = 5000

/**
 * Hears of every change of a call, by whomever, while somebody looks at this page.
 *
 * @param look what is to be done; given is when the call changed [ms since 1970], or nothing where
 *   something may have been missed
 */
export function useLive(id: string, look: (at: number | null) => void) {
  let source: EventSource | null = null
  const again = useTimeoutFn(() => listen(), AGAIN_MS, { immediate: false })

  function close() {
    again.stop()
    source?.close()
    source = null
  }

  // A page that nobody sees holds no connection: a browser has few to one server.
  function listen() {
    close()
    if (document.hidden) return
    source = new EventSource(`/api/calls/${id}/changes`)
    source.onmessage = ({ data }) => {
      if (data === 'look') look(null)
      else if (/^\d+$/.test(data)) look(Number(data))
    }
    source.onerror = () => {
      if (source?.readyState === EventSource.CLOSED) again.start()
    }
  }

  useEventListener(document, 'visibilitychange', listen)
  onScopeDispose(close)
  listen()
}
