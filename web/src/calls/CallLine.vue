<script setup lang="ts">
import { computed } from 'vue'
import type { CallRow } from '../api/types'
import { catalogue, routeTitle, suspectTitle, symptomTitle } from '../catalogue/catalogue'
import StationSign from '../prove/StationSign.vue'
import { ago } from '../shared/time'

/** One call of the list: which unit, where it stands, whose it is; a touch leads to where it goes on. */
const props = defineProps<{ row: CallRow }>()

/** The state of a call as a sign: what is proved of the repair, or of the fault before it. */
const SIGNS = { PASSED: 'GOOD', FAILED: 'FAILED', NOT_YET: 'SUSPECT' } as const
function sign(row: CallRow) {
  if (row.stand === 'WAITING' || row.stand === 'FITTING') return 'SUSPECT'
  if (row.repair) return SIGNS[row.repair]
  if (row.chosen) return 'SUSPECT'
  if (row.state === 'DECIDED') return 'FAILED'
  return row.state === 'NARROWED' ? 'SUSPECT' : 'UNSEEN'
}

/** The newest truth: once a way is chosen, the old verdict is none. */
function headline(row: CallRow): string {
  if (row.standSentence) return row.standSentence
  if (row.repair) return row.repairSentence!
  if (row.chosen) return [names(row), `${routeTitle(row.chosen)} chosen`].filter(Boolean).join(': ')
  if (row.state === 'DECIDED') return `${names(row)} proved`
  if (row.state === 'NARROWED') return `${names(row)} likely`
  return row.readings ? 'Open' : 'Nothing measured'
}

const TONES = { PASSED: 'chosen', FAILED: 'decided', NOT_YET: 'narrowed' }
function tone(row: CallRow) {
  if (row.stand === 'WAITING' || row.stand === 'FITTING') return ''
  return row.repair ? TONES[row.repair] : row.chosen ? '' : row.state.toLowerCase()
}

/** Where it stands, or nothing for a call that nobody touched since that is kept. */
const place = computed(
  () => catalogue.value?.stands.find((one) => one.id === props.row.stand)?.title,
)
/** The stage at which it goes on. */
const STAGES: Record<string, string> = {
  CHOOSING: 'choose',
  WAITING: 'fit',
  FITTING: 'fit',
  PROVING_REPAIR: 'fit',
  REPAIRED: 'hand-over',
  HANDED_OVER: 'hand-over',
  ENDED: 'hand-over',
}
const stage = computed(() => STAGES[props.row.stand ?? ''] ?? (props.row.repair ? 'fit' : 'prove'))

const names = (row: CallRow) => row.verdict.map(suspectTitle).join(' and ')
</script>

<template>
  <li>
    <router-link :to="`/calls/${row.id}/${stage}`">
      <StationSign :state="sign(row)" :size="34" />
      <span class="place">
        <strong>{{ row.place }}</strong>
        <span v-if="row.unitName">{{ row.unitName }}</span>
      </span>
      <span class="what">
        <strong v-if="place" class="stand">{{ place }}</strong>
        <span>{{
          row.symptom ? symptomTitle(row.symptom) : 'told in words that are not known any more'
        }}</span>
      </span>
      <span class="verdict" :class="tone(row)">
        {{ row.due ? headline(row).replace(/\.$/, ',') : headline(row) }}
        <span v-if="row.due" class="digits by">by {{ row.due }}</span>
      </span>
      <span class="soft when">
        {{ row.readings }} {{ row.readings === 1 ? 'reading' : 'readings' }},
        {{ ago(row.changedAt) }}, {{ row.changedBy }}
      </span>
    </router-link>
  </li>
</template>

<style scoped>
a {
  display: grid;
  grid-template-columns: 34px minmax(0, 1.5fr) minmax(0, 0.9fr) minmax(0, 1.5fr) minmax(0, 1.1fr);
  gap: 4px 18px;
  align-items: center;
  padding: 10px 8px;
  min-height: 60px;
  border-bottom: 1px solid var(--rule);
  color: var(--ink);
  text-decoration: none;
}

a:hover {
  background: var(--card);
}

.place strong {
  display: block;
  font-size: 1.0625rem;
}

.place span {
  font-size: 0.9375rem;
}

.what {
  display: grid;
}

.verdict {
  font-weight: 650;
}

.by {
  white-space: nowrap;
}

.decided {
  color: var(--failed);
}

.chosen {
  color: var(--good);
}

.narrowed {
  color: var(--suspect);
}

.when {
  font-size: 0.875rem;
}

@media (max-width: 719px) {
  a {
    grid-template-columns: 34px minmax(0, 1fr);
    padding: 12px 2px;
  }

  .what,
  .verdict,
  .when {
    grid-column: 2;
  }
}
</style>
