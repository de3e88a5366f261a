<script setup lang="ts">
import type { Refusal } from '../api/client'
import { ago } from './time'

/** Somebody else changed the same since it was shown: what it says now, and what is typed here. */
const props = defineProps<{ refusal: Refusal | null; title?: (field: string) => string }>()

const title = (field: string) => props.title?.(field) ?? field

function spoken(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.map(spoken).join(', ') || 'nothing'
  return typeof value === 'object' ? Object.values(value).map(spoken).join(', ') : String(value)
}
</script>

<template>
  <div v-if="refusal?.status === 409" class="notice failed" role="alert">
    <p>{{ refusal.message }}</p>
    <ul v-if="refusal.conflicts.length" class="plain">
      <li v-for="one in refusal.conflicts" :key="one.field">
        <strong>{{ title(one.field) }}</strong>: {{ spoken(one.theirs) }}
        <span class="soft">({{ one.by }}, {{ ago(one.at) }})</span>; yours: {{ spoken(one.yours) }}
      </li>
    </ul>
  </div>
</template>
