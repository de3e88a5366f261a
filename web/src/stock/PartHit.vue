<script setup lang="ts">
import type { FoundRow } from '../api/types'
import { kindTitle, stockedWhere, quoteTitle, ratedTitle } from './words'

/** A part that was found: what it is, why it is shown, where it lies, what the supply house says. */
defineProps<{ row: FoundRow; currency: string }>()
</script>

<template>
  <li class="hit">
    <div>
      <strong>{{ row.found.part.number }}</strong>
      {{ row.found.part.name || kindTitle(row.found.part.kind) }}
      <span class="soft">{{ ratedTitle(row.found.part) }}</span>
      <p v-if="row.found.sentence" class="why">{{ row.found.sentence }}</p>
      <p v-if="row.found.part.replacedBy" class="why">
        Replaced by {{ row.found.part.replacedBy }}.
      </p>
      <p class="soft">
        {{ stockedWhere(row.found.places) || (row.id ? 'None in stock' : 'Not kept in stock') }}
      </p>
      <p v-if="row.found.quote" class="soft">
        Supply house: {{ quoteTitle(row.found.quote, currency) }}
      </p>
      <p v-for="doubt in row.found.quote?.doubts" :key="doubt" class="why">{{ doubt }}</p>
    </div>
    <slot />
  </li>
</template>

<style scoped>
.hit {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 6px 16px;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}

.hit > div {
  flex: 1 1 260px;
}

.why {
  color: var(--suspect);
  font-weight: 600;
}
</style>
