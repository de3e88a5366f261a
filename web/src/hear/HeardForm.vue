<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { factOf } from '../catalogue/catalogue'
import type { Value } from '../api/types'
import OptionGroup from './OptionGroup.vue'

const { call, record, takeBack, standing, checks } = useCall()

/**
 * What is heard and seen before a panel comes off. Each tap is a fact, and moves suspicion; asked is
 * what says something of this motor under this complaint.
 */
const GROUPS = [
  {
    title: 'Make a call, and listen',
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

const symptom = computed(() => call.value.particulars.symptom)
const telling = computed(
  () =>
    new Set(
      checks.value
        .filter((check) => check.symptoms.includes(symptom.value))
        .flatMap((check) => check.facts),
    ),
)
const groups = computed(() =>
  GROUPS.map((group) => ({
    ...group,
    facts: group.facts.filter((id) => telling.value.has(id) || standing(id, 'BEFORE')),
  })).filter((group) => group.facts.length),
)

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
  <div class="heard">
    <section v-for="group in groups" :key="group.title">
      <h2>{{ group.title }}</h2>
      <OptionGroup
        v-for="id in group.facts"
        :key="id"
        :title="factOf(id)?.title ?? id"
        :options="options(id)"
        :model-value="valueOf(id)"
        tight
        @update:model-value="(value) => answer(id, value)"
      >
        <router-link v-if="id === 'look.lamp'" class="says count" :to="`/count/${call.id}`">
          Count a code
        </router-link>
      </OptionGroup>
    </section>
  </div>
</template>

<style scoped>
.heard {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 14px 40px;
}

section {
  display: grid;
  gap: 10px;
  align-content: start;
}

.count {
  padding: 0 6px;
  font-weight: 650;
}

@media (max-width: 719px) {
  section {
    gap: 8px;
  }
}
</style>
