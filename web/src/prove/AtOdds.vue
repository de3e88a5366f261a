<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { factOf } from '../catalogue/catalogue'
import { clock } from '../shared/time'
import { AT_ODDS } from './step'

/** Readings that cannot all be true, side by side: each is taken once more, or taken back. */
const { call, takeBack } = useCall()

const emit = defineEmits<{ again: [check: string, fact: string] }>()

const readings = computed(() =>
  call.value.diagnosis.nextTests
    .filter((test) => test.again)
    .flatMap((test) =>
      call.value.readings
        .filter((one) => test.facts.includes(one.fact) && one.phase === 'BEFORE')
        .filter((one) => !one.retracted && (one.standing || one.again))
        .map((reading) => ({ reading, check: test.id })),
    ),
)
const why = computed(() =>
  call.value.diagnosis.warnings
    .filter((one) => AT_ODDS.includes(one.id))
    .map((one) => one.sentence),
)
</script>

<template>
  <section v-if="readings.length" class="odds" aria-label="Readings at odds">
    <p v-for="sentence in why" :key="sentence" class="why">{{ sentence }}</p>
    <div v-for="{ reading, check } in readings" :key="reading.id" class="one">
      <p>{{ factOf(reading.fact)?.title }}</p>
      <p class="value digits">{{ reading.spoken }}</p>
      <p class="soft small">{{ [clock(reading.at), reading.author].filter(Boolean).join(', ') }}</p>
      <p class="row">
        <button class="quiet-button" @click="emit('again', check, reading.fact)">Once more</button>
        <button class="link-button" @click="takeBack(reading)">Take back</button>
      </p>
    </div>
  </section>
</template>

<style scoped>
.odds {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.why {
  flex: 1 1 300px;
  align-self: center;
}

.one {
  display: grid;
  flex: 1 1 150px;
  gap: 4px;
  align-content: space-between;
  max-width: 280px;
  padding: 8px 12px;
  border: 2px solid var(--suspect);
  border-radius: 6px;
  background: var(--card);
}

.one .row {
  gap: 0 12px;
}

.value {
  font-size: 1.5rem;
  font-weight: 700;
}
</style>
