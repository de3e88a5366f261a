<script setup lang="ts">
import type { PowerCheck } from './types'

/** One thing to be seen before power, answered with one touch; not so leads to its wires. */
defineProps<{ check: PowerCheck; state: boolean | undefined }>()
const emit = defineEmits<{ tick: [ok: boolean] }>()
</script>

<template>
  <li>
    <div class="row ask">
      <span class="digits">{{ check.ask }}</span>
      <span class="options">
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="state === true"
          :aria-label="`So it is: ${check.ask}`"
          @click="emit('tick', true)"
        >
          So it is
        </button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="state === false"
          :aria-label="`Not so: ${check.ask}`"
          @click="emit('tick', false)"
        >
          Not so
        </button>
      </span>
    </div>
    <div v-if="state === false" class="notice failed" role="alert">
      <p>{{ check.wrong }}</p>
      <p class="row">
        <a href="#terminals">To its wires: {{ check.at.join(', ') }}</a>
        <button type="button" class="link-button" @click="emit('tick', false)">
          Measure it once more
        </button>
      </p>
    </div>
  </li>
</template>

<style scoped>
.ask {
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 6px 14px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

.ask > .digits {
  flex: 1 1 240px;
}

.notice {
  margin: 8px 0;
}
</style>
