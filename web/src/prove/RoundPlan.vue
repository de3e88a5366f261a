<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { stateOf } from '../catalogue/catalogue'

const { call, checks } = useCall()

/** The checks worth doing before the unit's state is changed again, and what to carry for them. */
defineProps<{ shown?: string }>()
const emit = defineEmits<{ check: [id: string] }>()

const rounds = computed(() => call.value.diagnosis.rounds)
const first = computed(() => rounds.value[0])
const ask = (id: string) =>
  checks.value.find((check) => check.id === id)?.ask.replace(/[.?].*$/, '') ?? id
const minutes = (value: number) => `${Math.round(value * 10) / 10} min`
</script>

<template>
  <section v-if="first" class="round" aria-label="This round">
    <div class="now">
      <h2>
        This round <span class="state">{{ stateOf(first.state)?.title }}</span>
        <span class="soft digits">{{ minutes(first.minutes) }}</span>
      </h2>
      <ol>
        <li v-for="id in first.checks" :key="id">
          <button class="quiet-button" :class="{ shown: id === shown }" @click="emit('check', id)">
            {{ ask(id) }}
          </button>
        </li>
      </ol>
      <p v-for="round in rounds.slice(1)" :key="round.state" class="soft later">
        Then, {{ stateOf(round.state)?.title.toLowerCase() }}:
        {{ round.checks.map(ask).join('; ').toLowerCase() }}.
      </p>
    </div>
    <div class="carry">
      <h3>Carry up</h3>
      <ul>
        <li v-for="tool in first.tools" :key="tool">{{ tool }}</li>
      </ul>
      <h3 v-if="first.parts.length">In case</h3>
      <ul>
        <li v-for="part in first.parts" :key="part">{{ part }}</li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.round {
  display: grid;
  grid-template-columns: minmax(0, 1.9fr) minmax(0, 1fr);
  gap: 18px 28px;
  border-top: 1px solid var(--rule);
  padding-top: 14px;
}

.now {
  display: grid;
  align-content: start;
  gap: 10px;
}

h2 {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.state {
  padding: 2px 8px;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  font-size: 0.875rem;
}

h2 .soft {
  font-size: 0.875rem;
}

h3 {
  font-size: 0.9375rem;
}

ol {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
  counter-reset: check;
}

ol button::before {
  counter-increment: check;
  content: counter(check) ' ';
  color: var(--copper);
}

ol button {
  text-align: left;
  padding: 6px 14px;
}

.shown {
  border: 2px solid var(--copper);
}

.carry ul {
  margin: 2px 0 8px;
  padding-left: 18px;
}

.later,
.carry {
  font-size: 0.9375rem;
}

@media (max-width: 719px) {
  .round {
    grid-template-columns: 1fr;
  }
}
</style>
