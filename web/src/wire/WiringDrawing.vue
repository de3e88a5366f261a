<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { Drawing } from '../api/types'
import { ask } from '../core/core'
import DrawingView from '../drawing/DrawingView.vue'
import { useNewest } from '../shared/newest'
import type { Mark, PlanDoc, Run, WiringDoc } from './types'
import { callTitle, motorTitle } from './words'

/**
 * The wiring drawn, at rest or lit as on one call, from its outputs raised to where nothing moves;
 * terminals at which something is wrong marked, wires numbered as in the plan, in their colours.
 */
const props = defineProps<{
  wiring: WiringDoc
  calls?: Run[]
  bad?: string[]
  plan?: PlanDoc
  marks?: Mark[]
}>()

const sheet = ref<'LADDER' | 'CONNECTIONS'>('LADDER')
const call = ref('')
const moment = ref(0)
const drawing = shallowRef<Drawing | null>(null)
const { ask: newest, fault } = useNewest()

const run = computed(() => props.calls?.find((one) => one.name === call.value))
const moments = computed(() => run.value?.moments ?? [])
const last = computed(() => moments.value.length - 1)
const said = computed(() => {
  if (!run.value) return 'At rest: breaker off, nothing called.'
  const pulled = moments.value[moment.value]?.relays ?? []
  if (moment.value === 0 && last.value > 0) return 'The call is raised; nothing has pulled yet.'
  const who = pulled.length ? `${pulled.join(', ')} pulled` : 'No relay pulls'
  return moment.value === last.value
    ? `${who}. The motor: ${motorTitle(run.value.motor)}.`
    : `${who}.`
})

watch(call, () => (moment.value = last.value))

watch(
  [() => props.wiring, () => props.bad, () => props.plan, () => props.marks, sheet, call, moment],
  () => {
    const { wiring, bad, plan, marks } = props
    const at = call.value ? { call: call.value, moment: moment.value } : {}
    return newest(
      () => ask('draw', { wiring, sheet: sheet.value, bad, plan, marks, ...at }),
      (answer) => (drawing.value = answer.drawing),
    )
  },
  { immediate: true },
)
</script>

<template>
  <section class="stack" aria-labelledby="drawn">
    <div class="row head">
      <h2 id="drawn">Drawn</h2>
      <span class="options">
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="sheet === 'LADDER'"
          @click="sheet = 'LADDER'"
        >
          Ladder
        </button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="sheet === 'CONNECTIONS'"
          @click="sheet = 'CONNECTIONS'"
        >
          Connections
        </button>
      </span>
    </div>
    <div v-if="calls" class="row steps">
      <label class="pick">
        <span class="visually-hidden">Lit as on</span>
        <select v-model="call" name="call">
          <option value="">At rest</option>
          <option v-for="one in calls" :key="one.name" :value="one.name">
            {{ callTitle(one.name) }}
          </option>
        </select>
      </label>
      <span v-if="run && last > 0" class="options">
        <button
          type="button"
          class="quiet-button"
          aria-label="One step back"
          :disabled="moment === 0"
          @click="moment--"
        >
          ◂
        </button>
        <span class="digits">{{ moment + 1 }}/{{ last + 1 }}</span>
        <button
          type="button"
          class="quiet-button"
          aria-label="One step on"
          :disabled="moment >= last"
          @click="moment++"
        >
          ▸
        </button>
      </span>
      <span role="status">{{ said }}</span>
      <slot />
    </div>
    <slot v-else />
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <div v-if="drawing" class="sheet" tabindex="0" aria-label="The drawing, can be scrolled">
      <DrawingView
        class="whole"
        :style="{ minWidth: `${drawing.width * 0.78}px`, maxWidth: `${drawing.width * 1.25}px` }"
        :drawing="drawing"
        :spoken="`${sheet === 'LADDER' ? 'Ladder' : 'Connections'}: ${said}`"
      />
    </div>
    <p v-else-if="!fault" class="soft" role="status">Drawing…</p>
  </section>
</template>

<style scoped>
.head {
  justify-content: space-between;
}

.sheet {
  overflow-x: auto;
}

.whole {
  max-height: none;
}
</style>
