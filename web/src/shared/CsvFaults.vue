<script setup lang="ts">
import type { Refusal } from '../api/client'

/** What became of a list that is brought in: under way, not known, or wrong row by row. */
defineProps<{ refusal: Refusal | null; fault: string; busy: string }>()
</script>

<template>
  <p v-if="busy" class="notice" role="status">{{ busy }}</p>
  <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
  <div v-if="refusal" class="notice failed" role="alert">
    <p>Nothing was brought in. What is wrong:</p>
    <p v-if="!refusal.errors.length">{{ refusal.message }}</p>
    <ul>
      <li v-for="error in refusal.errors" :key="error.path + error.message">
        <strong v-if="error.path">{{ error.path }}: </strong>{{ error.message }}
      </li>
    </ul>
  </div>
</template>
