<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { factOf } from '../catalogue/catalogue'
import type { AnswerWord, Value } from '../api/types'
import OptionGroup from '../shared/OptionGroup.vue'

const { call, record, takeBack, standing, checks } = useCall()

/**
 * What is heard and seen before a panel comes off. Each tap is a fact, and moves suspicion; asked is
 * what says something of this motor under this complaint.
 */
const GROUPS = [
  {
    title: 'Make a call, and listen',
    facts: [
      'heard.call',
      'heard.answer',
      'thermostat.fan',
      'runs.compressor',
      'runs.outdoor',
      'runs.indoor',
      'runs.heat',
    ],
  },
  {
    title: 'Look, before you cut the power',
    facts: [
      'look.lamp',
      'look.smell',
      'look.water',
      'air.look',
      'replaced.recently',
      'first.start',
    ],
  },
]
const FLAGS = [
  { value: true, label: 'Yes' },
  { value: false, label: 'No' },
]

const symptom = computed(() => call.value.particulars.symptom)
/** Only on its first power does it look for its way. */
const mayBeFirst = computed(
  () =>
    call.value.particulars.motor.rotation === 'SELF_FINDING' ||
    standing('replaced.recently', 'BEFORE')?.value === true,
)
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
    facts: group.facts.filter(
      (id) =>
        telling.value.has(id) ||
        standing(id, 'BEFORE') ||
        (id === 'first.start' && mayBeFirst.value),
    ),
  })).filter((group) => group.facts.length),
)

const options = (id: string): { value: Value; label: string }[] =>
  factOf(id)?.kind === 'FLAG'
    ? FLAGS
    : (factOf(id)?.choices ?? []).map((word) => ({ value: word.id, label: word.title }))

const valueOf = (id: string) => standing(id, 'BEFORE')?.value as Value | undefined

/** What was seen at once is told at once: a tap adds to it, or takes from it. */
const severalOf = (id: string) => factOf(id)?.together ?? []
const wordsOf = (id: string) => {
  const value = valueOf(id)
  return (Array.isArray(value) ? value : value === undefined ? [] : [value]) as AnswerWord[]
}

function mark(id: string, word: AnswerWord) {
  const together = severalOf(id)
  const now = wordsOf(id)
  const kept = now.filter((one) => one !== word && together.includes(one))
  const next = now.includes(word) ? kept : together.includes(word) ? [...kept, word] : [word]
  answer(id, next.length > 1 ? next : next[0])
}

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
        :several="severalOf(id).length ? wordsOf(id) : undefined"
        tight
        @update:model-value="(value) => answer(id, value)"
        @mark="(word) => mark(id, word as AnswerWord)"
      >
        <router-link v-if="id === 'look.lamp'" class="says count" :to="`/count/${call.id}`">
          Count a code
        </router-link>
        <router-link v-if="id === 'heard.answer'" class="says count" :to="`/ear/${call.id}`">
          Let it listen
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
