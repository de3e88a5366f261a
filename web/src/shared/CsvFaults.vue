<script setup lang="ts">
import type { Refusal } from '../api/client'

/** What is wrong with a list that was to be brought in, row by row. */
defineProps<{ refusal: Refusal | null; fault: string }>()
</script>

<template>
  <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
  <div v-if="refusal" class="notice failed" role="alert">
    <p>Nothing was brought in. What is wrong:</p>
    <ul>
      <li v-for="error in refusal.errors" :key="error.path + error.message">
        <strong>{{ error.path }}</strong>: {{ error.message }}
      </li>
    </ul>
  </div>
</template>
