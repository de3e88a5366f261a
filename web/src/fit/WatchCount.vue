<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'

/** So many seconds are watched before anything is judged. */
const props = defineProps<{ seconds: number }>()

const left = ref<number | null>(null)
let ends = 0

/** By the clock, so that a page that slept counts right. */
function tick() {
  left.value = Math.max(0, Math.ceil((ends - Date.now()) / 1000))
  if (!left.value) ticking.pause()
}

const ticking = useIntervalFn(tick, 250, { immediate: false })

function start() {
  ends = Date.now() + props.seconds * 1000
  ticking.resume()
  tick()
}
</script>

<template>
  <div class="row watch">
    <button type="button" class="quiet-button" @click="start">
      {{ left === null ? `Count ${seconds} s` : 'Count again' }}
    </button>
    <strong v-if="left" class="digits" role="timer">{{ left }} s: watch, judge nothing yet</strong>
    <span v-else-if="left === 0" role="status">Now judge it.</span>
  </div>
</template>

<style scoped>
.watch {
  gap: 6px 14px;
}

.digits {
  font-size: 1.125rem;
}
</style>
