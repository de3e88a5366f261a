<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { stateOf, stationTitle } from '../catalogue/catalogue'
import type { Suspect } from '../api/types'

const { call, family, standing, checks: all } = useCall()

/** What is known of one link, and every check of it. */
const props = defineProps<{ station: Suspect }>()
const emit = defineEmits<{ check: [id: string]; close: [] }>()

const checks = computed(() => all.value.filter((check) => check.station === props.station))
const title = computed(() => stationTitle(family.value, props.station))
const known = computed(() =>
  call.value.diagnosis.stations.find((station) => station.id === props.station),
)
const done = (facts: string[]) => facts.every((fact) => standing(fact))
</script>

<template>
  <section class="card sheet" :aria-label="title">
    <header>
      <h2>{{ title }}</h2>
      <button class="link-button" @click="emit('close')">Close</button>
    </header>
    <p v-for="reading in known?.readings" :key="reading">{{ reading }}</p>
    <p v-if="!known?.readings.length" class="soft">Not looked at yet.</p>
    <div class="checks">
      <button
        v-for="check in checks"
        :key="check.id"
        class="quiet-button"
        @click="emit('check', check.id)"
      >
        <span>{{ done(check.facts) ? '✓ ' : '' }}{{ check.ask }}</span>
        <span class="soft">{{ stateOf(check.state)?.title }}, {{ check.minutes }} min</span>
      </button>
      <p v-if="!checks.length" class="soft">No check of its own here; the others decide.</p>
    </div>
  </section>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 8px;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

.checks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 8px;
}

.checks button {
  display: grid;
  padding: 8px 14px;
  text-align: left;
}

.checks .soft {
  font-weight: 400;
  font-size: 0.875rem;
}
</style>
