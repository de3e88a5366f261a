<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { factOf } from '../catalogue/catalogue'
import AsTold from '../shared/AsTold.vue'
import { clock } from '../shared/time'
import type { Reading } from '../api/types'

const { call, waiting, checks } = useCall()

const emit = defineEmits<{ again: [check: string] }>()

const rows = computed(() => [...call.value.readings].reverse())
/** What is in force here, and was not sent yet. */
const unsent = computed(() => new Set(waiting.value.map((save) => save.id)))
/** Of what waits what is no reading of its own: a correction, a choice, a price. */
const others = computed(() => {
  const known = new Set(call.value.readings.map((one) => one.id))
  return waiting.value.filter((save) => !known.has(save.id))
})
const rests = computed(() => new Set(call.value.diagnosis.verdict.restsOn))
/** The check that takes a reading once more; an answer that was only told has none. */
const checkOf = (reading: Reading) =>
  reading.standing && reading.phase === 'BEFORE'
    ? checks.value.find((check) => !check.soft && check.facts.includes(reading.fact))
    : undefined
/** By whom it was taken back, where that was somebody else. */
const takenBack = ({ retracted, retractedBy, author }: Reading) =>
  retracted ? (retractedBy === author ? 'taken back' : `taken back by ${retractedBy}`) : ''
const fate = (reading: Reading) =>
  [
    reading.taken,
    reading.again ? 'second measurement' : '',
    reading.phase === 'AFTER' ? 'after the repair' : '',
    unsent.value.has(reading.id) ? 'kept here, not sent yet' : '',
    takenBack(reading) || (reading.standing ? '' : 'replaced'),
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <details class="card log fold" :open="rests.size > 0 || call.asTold.length > 0">
    <summary>
      <h2>Readings</h2>
      <span class="soft">{{ call.readings.filter((r) => r.standing).length }} in force</span>
    </summary>
    <p v-if="rests.size" class="told">
      Marked are those that the proof rests on: if a single one of them were wrong, the verdict or
      what is to be done would be another.
    </p>
    <ul>
      <li v-for="change in others" :key="change.id" class="waiting">
        <span>{{ change.label }}</span> <span class="soft">kept here, not sent yet</span>
      </li>
      <li
        v-for="reading in rows"
        :key="reading.id"
        :class="{
          gone: !reading.standing,
          rests: reading.standing && rests.has(reading.fact),
          waiting: unsent.has(reading.id),
        }"
      >
        <span>{{ factOf(reading.fact)?.title ?? reading.fact }}</span>
        <span class="digits value">{{ reading.spoken }}</span>
        <span class="soft">{{
          [clock(reading.at), reading.author, fate(reading)].filter(Boolean).join(', ')
        }}</span>
        <span v-if="reading.note" class="note">{{ reading.note }}</span>
        <button
          v-if="checkOf(reading)"
          class="link-button"
          @click="emit('again', checkOf(reading)!.id)"
        >
          Once more<span class="visually-hidden">: {{ factOf(reading.fact)?.title }}</span>
        </button>
      </li>
    </ul>
    <AsTold :lines="call.asTold" />
    <p v-if="!rows.length && !waiting.length && !call.asTold.length" class="soft">
      Nothing read yet. What you enter is kept at once; nothing is ever erased.
    </p>
  </details>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  padding: 7px 0;
  border-top: 1px solid var(--rule);
}

.value {
  font-weight: 650;
}

.soft {
  margin-left: auto;
  font-size: 0.875rem;
}

.note {
  flex-basis: 100%;
  font-size: 0.9375rem;
}

.told {
  margin-top: 10px;
  font-size: 0.9375rem;
}

.rests {
  border-left: 5px solid var(--copper);
  padding-left: 10px;
}

.gone .value {
  text-decoration: line-through;
}

.waiting {
  background: var(--suspect-soft);
}
</style>
