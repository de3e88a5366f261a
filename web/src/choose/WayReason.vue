<script setup lang="ts">
import type { Reason } from '../api/types'
import { isTick } from './choice'

/** One thing that a way waits for, with the one touch that leads to what lifts it. */
defineProps<{ reason: Reason; met?: boolean }>()
const emit = defineEmits<{ open: []; settle: [] }>()
</script>

<template>
  <div class="reason" :class="{ met }">
    <p v-if="!met || !isTick(reason)" :class="{ soft: met }">
      <span v-if="met" aria-label="Met:">✓ </span>{{ reason.sentence }}
    </p>
    <label v-if="isTick(reason)" class="tick">
      <input type="checkbox" :checked="met" @change="emit('settle')" />
      <span>{{ reason.opener?.title }}</span>
    </label>
    <button
      v-else-if="reason.opener && (!met || reason.id === 'MATCH_PLATE')"
      type="button"
      class="link-button"
      @click="emit('open')"
    >
      {{ reason.opener.title }}
    </button>
  </div>
</template>

<style scoped>
.reason + .reason {
  margin-top: 8px;
  padding-top: 8px;
  border-top: 1px dotted var(--rule-strong);
}

.tick {
  font-weight: 650;
}
</style>
