<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Conflict } from '../api/client'
import { plateField } from '../hear/plate'
import { refused, throwAway } from '../keep/queue'
import type { Kept } from '../keep/rows'
import { ago } from '../shared/time'
import { useCall } from '../call/call'
import type { Correction } from '../call/corrections'

/** A field that two people changed: both values with their authors, and whoever is here says which. */
const { id, correct } = useCall()

const rows = computed(() =>
  refused().filter((row) => row.call === id && row.refused?.conflicts?.length),
)
/** By entry and field, whether mine is to stand. */
const mine = reactive(new Map<string, boolean>())
const key = (row: Kept, one: Conflict) => `${row.id} ${one.field}`

const TITLES: Record<string, string> = {
  place: 'Where',
  unitName: 'Which unit',
  complaint: 'Complaint',
  symptom: 'What the fan does wrong',
  mayBe: 'Which motors it may be',
  'motor.family': 'Which motor',
}
const title = (field: string) =>
  TITLES[field] ??
  (/^(motor|unit)\./.test(field) ? plateField(field).title : field.replace(/^\w+\./, ''))

function spoken(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  return Array.isArray(value) ? value.join(', ') || 'nothing' : String(value)
}

async function take(row: Kept, one: Conflict, isMine: boolean) {
  mine.set(key(row, one), isMine)
  const conflicts = row.refused!.conflicts
  if (conflicts.some((other) => !mine.has(key(row, other)))) return
  const changes = (row.body as { changes: Correction[] }).changes.flatMap((change) => {
    const against = conflicts.find((other) => other.field === change.field)
    if (!against) return [change]
    return mine.get(key(row, against)) ? [{ ...change, was: against.theirs }] : []
  })
  await throwAway(row)
  if (changes.length) await correct(changes)
}
</script>

<template>
  <section v-for="row in rows" :key="row.id" class="conflict" role="alert">
    <h2>Two of you changed the same: which stands?</h2>
    <div v-for="one in row.refused!.conflicts" :key="one.field" class="field">
      <strong>{{ title(one.field) }}</strong>
      <button
        type="button"
        class="quiet-button"
        :aria-pressed="mine.get(key(row, one)) === false"
        @click="take(row, one, false)"
      >
        {{ spoken(one.theirs) }} <span class="soft">{{ one.by }}, {{ ago(one.at) }}</span>
      </button>
      <button
        type="button"
        class="quiet-button"
        :aria-pressed="mine.get(key(row, one)) === true"
        @click="take(row, one, true)"
      >
        {{ spoken(one.yours) }} <span class="soft">you</span>
      </button>
    </div>
  </section>
</template>

<style scoped>
/* In sight wherever on the page the hand is just now. */
.conflict {
  position: sticky;
  z-index: 9;
  top: 8px;
  display: grid;
  gap: 10px;
  margin-bottom: 12px;
  padding: 12px 14px;
  border: 2px solid var(--suspect);
  background: var(--suspect-soft);
}

.field {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}

.field strong {
  flex: 1 0 160px;
}

.field button {
  flex: 1 1 200px;
}
</style>
