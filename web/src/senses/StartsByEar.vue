<script setup lang="ts">
import { computed, ref } from 'vue'
import AloudButton from './AloudButton.vue'
import type { StartsHeard } from './senses'
import { say } from './spoken'
import { useEar } from './useEar'

/** How often a motor tries, how long each try lasts, and whether it gave up. */
defineProps<{ ofCall: boolean }>()
const emit = defineEmits<{ take: [fact: string, value: string | number, note: string] }>()

const heard = ref<StartsHeard | null>(null)
const taken = ref(false)
const ear = useEar<StartsHeard>(
  'starts',
  () => ({}),
  (answer) => {
    if (answer.tries.length > (heard.value?.tries.length ?? 0)) say(String(answer.tries.length))
    heard.value = answer
  },
)
const { listening, fault, began } = ear

function listen() {
  taken.value = false
  heard.value = null
  void ear.listen()
}

const isRow = computed(() => ['TRIES', 'GAVE_UP'].includes(heard.value?.shape ?? ''))

const line = computed(() => {
  const loud = heard.value?.loudness
  if (!loud?.decibels.length) return ''
  const last = Math.max(1, loud.decibels.length - 1)
  return loud.decibels
    .map((one, at) => `${((100 * at) / last).toFixed(2)},${(40 - Math.min(38, one)).toFixed(1)}`)
    .join(' ')
})
const tries = computed(() => {
  const all = Math.max(1, heard.value?.listened ?? 1)
  return (heard.value?.tries ?? []).map((one) => ({
    x: (100 * one.from) / all,
    width: Math.max(0.4, (100 * one.lasted) / all),
  }))
})

function take() {
  if (!heard.value) return
  ear.end()
  emit(
    'take',
    'heard.answer',
    'TRIES_AND_GIVES_UP',
    `by ear: ${heard.value.sentence}`.slice(0, 200),
  )
  taken.value = true
}
</script>

<template>
  <div class="stack">
    <p>
      Make the call, then listen near the fan until it has given up: a lock-out takes some tries, a
      stop by heat takes minutes.
    </p>
    <div class="row">
      <button v-if="!listening" type="button" class="main-button begin" @click="listen">
        {{ began ? 'Listen again' : 'Listen' }}
      </button>
      <button v-else type="button" class="main-button begin" @click="ear.end">
        That is enough
      </button>
      <AloudButton />
    </div>
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} Say what you heard where it is asked for.
    </p>
    <div v-if="heard" class="result" role="status">
      <p v-if="isRow" class="digits count">{{ heard.tries.length }}</p>
      <p>
        <strong>{{ heard.sentence }}</strong>
      </p>
    </div>
    <svg
      v-if="line"
      class="loud"
      viewBox="0 0 100 40"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <rect v-for="(one, at) in tries" :key="at" :x="one.x" y="0" :width="one.width" height="40" />
      <polyline :points="line" />
    </svg>
    <p v-if="heard" class="soft">{{ Math.round(heard.listened) }} s listened.</p>
    <p v-if="isRow && ofCall">
      <button type="button" class="main-button" :disabled="taken" @click="take">
        {{ taken ? 'Taken to the call' : 'Take “tries and gives up” to the call' }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.begin {
  min-height: 64px;
  flex: 1;
  font-size: 1.125rem;
}

.row {
  display: flex;
  gap: 8px;
}

.count {
  font-size: 2.75rem;
  font-weight: 700;
  line-height: 1.2;
}

.loud {
  width: 100%;
  height: 110px;
  background: var(--paper);
}

.loud rect {
  fill: var(--copper);
  opacity: 0.3;
}

.loud polyline {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
</style>
