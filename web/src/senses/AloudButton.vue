<script setup lang="ts">
import { aloud, canSpeak, turnAloud } from './spoken'

/** For who looks at the lamp, and not at the telephone. */
</script>

<template>
  <button
    v-if="canSpeak()"
    type="button"
    class="quiet-button"
    :aria-pressed="aloud"
    @click="turnAloud"
  >
    Say it aloud
  </button>
</template>
