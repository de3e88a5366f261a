<script setup lang="ts">
import { factOf } from '../catalogue/catalogue'
import type { CallHandle } from '../call/call'
import type { Call, Value } from '../api/types'

/** What is heard and seen before a panel comes off. Each tap is a fact, and moves suspicion. */
const props = defineProps<{ call: Call; handle: CallHandle }>()

const GROUPS = [
  {
    title: 'Make a call at the thermostat, and listen',
    facts: ['heard.call', 'heard.answer', 'runs.outdoor', 'runs.indoor', 'runs.heat'],
  },
  {
    title: 'Look, before you cut the power',
    facts: ['look.lamp', 'look.smell', 'look.water', 'air.look', 'replaced.recently'],
  },
]
const FLAGS = [
  { value: true, label: 'Yes' },
  { value: false, label: 'No' },
]

const options = (id: string): { value: Value; label: string }[] =>
  factOf(id)?.kind === 'FLAG'
    ? FLAGS
    : (factOf(id)?.choices ?? []).map((word) => ({ value: word, label: spoken(word) }))

const spoken = (word: string) => {
  const text = word.toLowerCase().replaceAll('_', ' ')
  return text[0]!.toUpperCase() + text.slice(1)
}

const standing = (id: string) =>
  props.call.readings.find((reading) => reading.fact === id && reading.standing)?.value

/** A second tap on the same answer takes it back. */
function tap(id: string, value: Value) {
  const now = props.call.readings.find((reading) => reading.fact === id && reading.standing)
  if (now && now.value === value) void props.handle.takeBack(now)
  else void props.handle.record(id, value)
}
</script>

<template>
  <section v-for="group in GROUPS" :key="group.title" class="heard">
    <h2>{{ group.title }}</h2>
    <fieldset v-for="id in group.facts" :key="id">
      <legend>{{ factOf(id)?.title }}</legend>
      <div class="options">
        <button
          v-for="option in options(id)"
          :key="option.label"
          type="button"
          class="quiet-button"
          :aria-pressed="standing(id) === option.value"
          @click="tap(id, option.value)"
        >
          {{ option.label }}
        </button>
        <router-link v-if="id === 'look.lamp'" class="count" :to="`/count/${call.id}`">
          Count a code
        </router-link>
      </div>
    </fieldset>
  </section>
</template>

<style scoped>
.heard {
  display: grid;
  gap: 14px;
  border-top: 1px solid var(--rule);
  padding-top: 16px;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}

legend {
  padding: 0;
  margin-bottom: 6px;
  font-weight: 650;
}

.options {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.count {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
  padding: 0 6px;
  font-weight: 650;
}

[aria-pressed='true'] {
  border: 2px solid var(--copper);
  background: var(--copper-soft);
}

[aria-pressed='true']::before {
  content: '✓ ';
}
</style>
