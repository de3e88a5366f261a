<script setup lang="ts">
import type { Heard } from '../api/types'

/** How the supply house answered: said where it is slow or gone, and small where all is well. */
defineProps<{ heard: Heard | null; asking?: boolean }>()
const emit = defineEmits<{ again: [] }>()
</script>

<template>
  <p v-if="asking" class="soft" role="status">Asking the supply house…</p>
  <p
    v-else-if="heard?.says"
    :class="heard.line === 'GONE' || heard.line === 'SLOW' ? 'notice' : 'soft'"
    role="status"
  >
    {{ heard.says }}
    <button v-if="heard.line === 'GONE'" type="button" class="link-button" @click="emit('again')">
      Ask again
    </button>
  </p>
</template>
