import { useSessionStorage } from '@vueuse/core'
import { onScopeDispose, reactive, readonly, watch } from 'vue'
import { request } from '../api/client'
import type { Call } from '../api/types'
import { inWords } from '../shared/newest'

/** What the display shows; the number is absent for OL. */
export interface Display {
  text: string
  value?: number
  unit: string
  steady: boolean
}

/**
 * A meter that the page listens to. The one that ships is simulated: the server streams what its
 * display would show at the terminals chosen.
 */
export function useMeter(call: Call) {
  /** The simulated motor that its tips are on; nothing while not connected. */
  const tips = useSessionStorage(`rotor.meter.${call.id}`, '', { writeDefaults: false })
  const state = reactive({
    machine: call.practice ? call.id : tips.value,
    fact: '',
    display: null as Display | null,
    held: false,
    fault: '',
  })
  let source: EventSource | null = null

  function close() {
    source?.close()
    source = null
    state.display = null
    state.held = false
  }

  function listen() {
    close()
    state.fault = ''
    if (!state.machine || !state.fact) return
    source = new EventSource(
      `/api/meter/${state.machine}/display?fact=${encodeURIComponent(state.fact)}`,
    )
    source.onmessage = (event) => {
      state.fault = ''
      if (!state.held) state.display = JSON.parse(event.data) as Display
    }
    source.onerror = () => {
      // A stream that the server refuses is closed for good; a lost one is asked for again.
      const refused = source?.readyState === EventSource.CLOSED
      state.fault = refused ? 'This meter has nothing to show here.' : 'The meter is out of reach…'
    }
  }

  watch(() => [state.machine, state.fact], listen, { immediate: true })
  onScopeDispose(close)

  return {
    state: readonly(state),
    /** Puts the tips to the terminals of this reading. */
    at(fact: string) {
      state.fact = fact
    },
    async connect() {
      state.fault = ''
      const id = crypto.randomUUID()
      try {
        const { motor, symptom } = call.particulars
        await request('PUT', `/api/meter/${id}`, {
          family: motor.family,
          symptom,
          volts: motor.volts,
        })
        tips.value = id
        state.machine = id
      } catch (failed) {
        state.fault = inWords(failed)
      }
    },
    disconnect() {
      tips.value = ''
      state.machine = ''
    },
    hold() {
      state.held = !state.held
    },
  }
}

export type Meter = ReturnType<typeof useMeter>
