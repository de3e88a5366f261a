<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import { stationTitle } from '../catalogue/catalogue'
import type { SuspectRow } from '../api/types'
import SuspectReasons from './SuspectReasons.vue'

const { call, family, checks } = useCall()

const emit = defineEmits<{ check: [id: string] }>()

const open = ref<string | null>(null)
const shown = computed(() =>
  call.value.diagnosis.suspects.filter(
    (suspect) => suspect.state !== 'CLEARED' && suspect.probability >= 0.005,
  ),
)
const faint = computed(() =>
  call.value.diagnosis.suspects.filter(
    (suspect) => suspect.state !== 'CLEARED' && suspect.probability < 0.005,
  ),
)
/** A link that this family's chain does not draw need not be told as cleared. */
const cleared = computed(() =>
  call.value.diagnosis.suspects.filter(
    (suspect) =>
      suspect.state === 'CLEARED' &&
      (suspect.id === 'NONE' ||
        call.value.diagnosis.stations.some((station) => station.id === suspect.id)),
  ),
)

const WORDS: Record<SuspectRow['state'], string> = {
  PROVED: 'proved',
  LIKELY: 'likely',
  POSSIBLE: 'possible',
  CLEARED: 'cleared',
}

const title = (id: string) => stationTitle(family.value, id)
const percent = (share: number) =>
  `${share >= 0.995 && share < 1 ? '>99' : (100 * share).toFixed(0)} %`
/** One reason while folded; opened, all of them stand below. */
const said = (suspect: SuspectRow) =>
  suspect.state === 'PROVED'
    ? suspect.pointedAtBy.map((reason) => reason.sentence).join(' ')
    : (suspect.pointedAtBy.at(-1)?.sentence ??
      (suspect.state === 'LIKELY'
        ? 'No single reading points at it: it is what is left, or the commonest.'
        : 'No reading points at it.'))
/** Why it is cleared: a reading at the link itself says more than one from elsewhere. */
const own = (suspect: SuspectRow) => {
  const here = new Set(
    checks.value.filter((check) => check.station === suspect.id).flatMap((check) => check.facts),
  )
  const mine = suspect.clearedBy.find((reason) => reason.facts.some((fact) => here.has(fact)))
  return (mine ?? suspect.clearedBy[0])?.sentence
}
const ask = (id: string) => checks.value.find((check) => check.id === id)?.ask.replace(/\.$/, '')
</script>

<template>
  <section class="card suspects" aria-label="Suspects">
    <h2>Suspects</h2>
    <ul class="plain">
      <li v-for="suspect in shown" :key="suspect.id" :class="suspect.state.toLowerCase()">
        <button
          :aria-expanded="open === suspect.id"
          @click="open = open === suspect.id ? null : suspect.id"
        >
          <span class="name">{{ title(suspect.id) }}</span>
          <span class="word">{{ WORDS[suspect.state] }}</span>
          <span class="digits share">{{
            suspect.state === 'PROVED' ? '' : percent(suspect.probability)
          }}</span>
          <span class="bar" aria-hidden="true"
            ><svg preserveAspectRatio="none" viewBox="0 0 100 6">
              <rect class="rest" width="100" height="6" />
              <rect
                class="fill"
                :width="suspect.state === 'PROVED' ? 100 : 100 * suspect.probability"
                height="6"
              /></svg
          ></span>
        </button>
        <p v-if="open !== suspect.id && suspect.state !== 'POSSIBLE'" class="reason">
          {{ said(suspect) }}
        </p>
        <div v-if="open === suspect.id" class="why">
          <SuspectReasons title="Points at it" :reasons="suspect.pointedAtBy" />
          <SuspectReasons title="Rules out a part of it" :reasons="suspect.clearedBy" />
          <template v-if="suspect.wouldSettle.length">
            <h3>Would settle it</h3>
            <p v-for="sentence in suspect.wouldSettle" :key="sentence">{{ sentence }}</p>
          </template>
          <p v-if="suspect.missing.length" class="soft">Checks that could clear it or prove it:</p>
          <button
            v-for="id in suspect.missing.slice(0, 4)"
            :key="id"
            class="link-button"
            @click="emit('check', id)"
          >
            {{ ask(id) }}
          </button>
        </div>
      </li>
    </ul>
    <p v-if="call.ownCounts" class="soft small">
      <router-link to="/learnt">The shop’s own calls</router-link> move these shares; they prove
      nothing.
    </p>
    <p v-if="faint.length" class="soft small">
      Under half a percent: {{ faint.map((suspect) => title(suspect.id)).join(', ') }}.
    </p>
    <div v-if="cleared.length" class="cleared">
      <h3>Cleared</h3>
      <p v-for="suspect in cleared" :key="suspect.id">
        <s>{{ title(suspect.id) }}</s> {{ own(suspect) }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.suspects {
  align-content: start;
  display: grid;
  gap: 10px;
}

li {
  border-top: 1px solid var(--rule);
  padding: 4px 0 8px;
}

li > button {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: baseline;
  gap: 2px 10px;
  width: 100%;
  min-height: var(--target);
  padding: 6px 0 2px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.name {
  font-weight: 700;
  font-size: 1.0625rem;
}

.word {
  font-size: 0.875rem;
  color: var(--soft);
}

.proved .word,
.proved .share {
  color: var(--failed);
  font-weight: 700;
}

.bar {
  grid-column: 1 / -1;
}

.bar svg {
  display: block;
  width: 100%;
  height: 7px;
}

.rest {
  fill: var(--rule);
}

.fill {
  fill: var(--suspect);
}

.proved .fill {
  fill: var(--failed);
}

.reason,
.cleared p,
.small {
  font-size: 0.9375rem;
  line-height: 1.35;
}

.why {
  display: grid;
  gap: 6px;
  padding: 4px 0 6px;
  font-size: 0.9375rem;
  line-height: 1.35;
}

.why button {
  display: block;
  text-align: left;
  font-size: 0.9375rem;
}

.cleared {
  display: grid;
  gap: 4px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}

h3 {
  font-size: 0.9375rem;
}

s {
  font-weight: 650;
}
</style>
