import { computed, onScopeDispose, ref } from 'vue'
import { get, NoAnswer, Refusal } from '../api/client'
import type { Call, Particulars, Reading, Route, Value } from '../api/types'
import { factOf } from '../catalogue/catalogue'
import { onSent, outbox, send } from '../outbox/outbox'

const spoken = (value: Value) =>
  Array.isArray(value) ? value.join(' to ') : typeof value === 'object' ? value.code : value

/** One call as the page holds it; every change goes through the outbox. */
export function useCall(id: string) {
  const call = ref<Call | null>(null)
  const fault = ref('')
  const refusal = ref<{ label: string; refusal: Refusal } | null>(null)

  async function load() {
    fault.value = ''
    try {
      call.value = await get<Call>(`/api/calls/${id}`)
    } catch (failed) {
      if (failed instanceof NoAnswer && call.value) return
      fault.value =
        failed instanceof Refusal && failed.status === 404
          ? 'There is no such call.'
          : failed instanceof Error
            ? failed.message
            : 'The call cannot be read.'
    }
  }

  const waiting = computed(() => outbox.waiting.filter((change) => change.call === id))

  const stop = onSent((change, result, refused) => {
    if (change.call !== id) return
    if (refused) refusal.value = { label: change.label, refusal: refused }
    // An answer to a change stands only while no later one is on its way.
    else if (!waiting.value.length) call.value = result as Call
  })
  onScopeDispose(stop)

  function change(kind: string, body: unknown, label: string) {
    refusal.value = null
    const path = `/api/calls/${id}/${kind}/${crypto.randomUUID()}`
    return send({ path, body, label, call: id })
  }

  const record = (fact: string, value: Value) =>
    change('readings', { fact, value }, `${factOf(fact)?.title ?? fact}: ${spoken(value)}`)

  const lastReading = computed(() =>
    [...(call.value?.readings ?? [])].reverse().find((reading) => !reading.retracted),
  )

  const takeBack = (reading: Reading) =>
    change('retractions', { reading: reading.id }, `Take back ${reading.spoken}`)

  async function undo() {
    if (lastReading.value) await takeBack(lastReading.value)
  }

  return {
    call,
    fault,
    refusal,
    waiting,
    lastReading,
    load,
    /** An answer that came by another way than the outbox. */
    show(answer: Call) {
      if (!waiting.value.length) call.value = answer
    },
    record,
    takeBack,
    undo,
    removePhoto: (photo: string) =>
      change(`photos/${photo}/removals`, undefined, 'Take a photo away'),
    tell: (particulars: Particulars) => change('particulars', particulars, 'What was told'),
    offer: (route: Route, offer: { partPrice: number; labourHours: number; leadDays: number }) =>
      change('offers', { route, ...offer }, 'Prices'),
    decide: (route: Route) => change('decisions', { route }, 'The choice'),
  }
}

export type CallHandle = ReturnType<typeof useCall>
