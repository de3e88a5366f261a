<script setup lang="ts">
import { useCall } from '../call/call'
import { factOf } from '../catalogue/catalogue'
import type { Value } from '../api/types'
import OptionGroup from './OptionGroup.vue'

const { call, record, takeBack, standing } = useCall()

/** What is heard and seen before a panel comes off. Each tap is a fact, and moves suspicion. */

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

const valueOf = (id: string) => standing(id, 'BEFORE')?.value as Value | undefined

/** A second tap on the same answer takes it back. */
function answer(id: string, value: Value | undefined) {
  const now = standing(id, 'BEFORE')
  if (value !== undefined) void record(id, value, { phase: 'BEFORE' })
  else if (now) void takeBack(now)
}
</script>

<template>
  <section v-for="group in GROUPS" :key="group.title" class="heard">
    <h2>{{ group.title }}</h2>
    <OptionGroup
      v-for="id in group.facts"
      :key="id"
      :title="factOf(id)?.title ?? id"
      :options="options(id)"
      :model-value="valueOf(id)"
      @update:model-value="(value) => answer(id, value)"
    >
      <router-link v-if="id === 'look.lamp'" class="says count" :to="`/count/${call.id}`">
        Count a code
      </router-link>
    </OptionGroup>
  </section>
</template>

<style scoped>
.heard {
  display: grid;
  gap: 14px;
  border-top: 1px solid var(--rule);
  padding-top: 16px;
}

.count {
  padding: 0 6px;
  font-weight: 650;
}
</style>
