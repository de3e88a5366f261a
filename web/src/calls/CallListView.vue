<script setup lang="ts">
import { nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { get, Refusal, trouble } from '../api/client'
import type { CallRow } from '../api/types'
import { loadCatalogue, routeTitle, suspectTitle, symptomTitle } from '../catalogue/catalogue'
import KeyHelp from '../keys/KeyHelp.vue'
import { useKeys } from '../keys/keys'
import { flush } from '../keep/queue'
import StationSign from '../prove/StationSign.vue'
import { session } from '../session/session'
import { useDebounced } from '../shared/debounced'
import { ago } from '../shared/time'
import TopBar from '../shared/TopBar.vue'

const SIZE = 50

const router = useRouter()
const route = useRoute()
const rows = ref<CallRow[] | null>(null)
const more = ref(false)
const search = ref('')
const fault = ref('')
const help = ref(false)
const field = ref<{ focus: () => void } | null>(null)
let asked = 0

async function load(page = 0) {
  const mine = ++asked
  fault.value = ''
  try {
    await loadCatalogue()
    const found = await get<CallRow[]>(
      `/api/calls?search=${encodeURIComponent(search.value)}&page=${page}&size=${SIZE}`,
    )
    // A slow answer to an earlier word must not stand over a later one.
    if (mine !== asked) return
    rows.value = page ? [...(rows.value ?? []), ...found] : found
    more.value = found.length === SIZE
  } catch (failed) {
    if (mine !== asked) return
    if (failed instanceof Refusal && failed.status === 401) {
      session.account = null
      await router.push('/sign-in')
      return
    }
    fault.value = failed instanceof Error ? failed.message : 'The list cannot be read.'
  }
}

watch(
  search,
  useDebounced(() => void load(), 150),
)

watch(trouble, (now) => {
  if (!now && fault.value) void load()
})

onMounted(async () => {
  if ('search' in route.query) focusSearch()
  await flush()
  await load()
})

const focusSearch = () => void nextTick(() => field.value?.focus())

/** The state of a call as a sign: how its repair stands, or decided, narrowed, or open. */
const SIGNS = { PASSED: 'GOOD', FAILED: 'FAILED', NOT_YET: 'SUSPECT' } as const
function sign(row: CallRow) {
  if (row.repair) return SIGNS[row.repair]
  if (row.chosen) return 'GOOD'
  if (row.state === 'DECIDED') return 'FAILED'
  return row.state === 'NARROWED' ? 'SUSPECT' : 'UNSEEN'
}

/** The newest truth: once the repair is looked at, the old verdict is none. */
function headline(row: CallRow): string {
  if (row.repair) return row.repairSentence!
  if (row.chosen) return `${names(row)}: ${routeTitle(row.chosen).toLowerCase()} chosen`
  if (row.state === 'DECIDED') return `${names(row)} proved`
  if (row.state === 'NARROWED') return `${names(row)} likely`
  return row.readings ? 'Open' : 'Nothing measured'
}

const TONES = { PASSED: 'chosen', FAILED: 'decided', NOT_YET: 'narrowed' }
const tone = (row: CallRow) =>
  row.repair ? TONES[row.repair] : row.chosen ? 'chosen' : row.state.toLowerCase()

const names = (row: CallRow) => row.verdict.map(suspectTitle).join(' and ')

useKeys({
  search: focusSearch,
  help: () => (help.value = true),
  next: () => void router.push('/calls/new'),
})
</script>

<template>
  <TopBar title="Calls" />
  <main class="page">
    <div class="tools">
      <el-input
        ref="field"
        v-model="search"
        name="search"
        type="search"
        placeholder="Search place or unit"
        aria-label="Search place or unit"
      />
      <router-link class="new" to="/calls/new">Open a call</router-link>
    </div>
    <div v-if="fault" class="card" role="alert">
      <h2>{{ fault }}</h2>
      <button class="quiet-button" @click="load()">Try again</button>
    </div>
    <p v-else-if="rows === null" class="soft" role="status">Reading the calls…</p>
    <div v-else-if="!rows.length" class="card empty">
      <h2>{{ search ? 'No call fits that.' : 'No calls yet.' }}</h2>
      <p v-if="!search">Open the first one: where, what the fan does wrong, which motor.</p>
    </div>
    <ul v-else class="calls">
      <li v-for="row in rows" :key="row.id">
        <router-link :to="`/calls/${row.id}/${row.repair ? 'fit' : 'prove'}`">
          <StationSign :state="sign(row)" :size="34" />
          <span class="place">
            <strong>{{ row.place }}</strong>
            <span v-if="row.unitName">{{ row.unitName }}</span>
          </span>
          <span class="what">{{ symptomTitle(row.symptom) }}</span>
          <span class="verdict" :class="tone(row)">{{ headline(row) }}</span>
          <span class="soft when">
            {{ row.readings }} {{ row.readings === 1 ? 'reading' : 'readings' }},
            {{ ago(row.changedAt) }}, {{ row.openedBy }}
          </span>
        </router-link>
      </li>
    </ul>
    <button v-if="more" class="quiet-button" @click="load(Math.floor(rows!.length / SIZE))">
      Show more
    </button>
  </main>
  <KeyHelp v-model="help" />
</template>

<style scoped>
.tools {
  display: flex;
  gap: 12px;
  margin-bottom: 16px;
}

.new {
  display: inline-flex;
  align-items: center;
  white-space: nowrap;
  padding: 0 20px;
  min-height: 46px;
  border-radius: 5px;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
  text-decoration: none;
}

.calls {
  list-style: none;
  margin: 0 0 16px;
  padding: 0;
  border-top: 1px solid var(--rule);
}

.calls a {
  display: grid;
  grid-template-columns: 34px minmax(0, 1.5fr) minmax(0, 0.9fr) minmax(0, 1.3fr) minmax(0, 1.2fr);
  gap: 4px 18px;
  align-items: center;
  padding: 10px 8px;
  min-height: 60px;
  border-bottom: 1px solid var(--rule);
  color: var(--ink);
  text-decoration: none;
}

.calls a:hover {
  background: var(--card);
}

.place strong {
  display: block;
  font-size: 1.0625rem;
}

.place span {
  font-size: 0.9375rem;
}

.verdict {
  font-weight: 650;
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

.empty {
  display: grid;
  gap: 8px;
}

@media (max-width: 719px) {
  .tools {
    flex-direction: column-reverse;
  }

  .new {
    justify-content: center;
    min-height: 52px;
  }

  .calls a {
    grid-template-columns: 34px minmax(0, 1fr);
    padding: 12px 2px;
  }

  .calls .what,
  .calls .verdict,
  .calls .when {
    grid-column: 2;
  }
}
</style>
