<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { get, Refusal, trouble } from '../api/client'
import type { CallRow, Particulars } from '../api/types'
import { loadCatalogue } from '../catalogue/catalogue'
import KeyHelp from '../keys/KeyHelp.vue'
import { useKeys } from '../keys/keys'
import { getKept, old } from '../keep/answers'
import { flush, refused, waiting } from '../keep/queue'
import { session } from '../session/session'
import { useDebounced } from '../shared/debounced'
import FileButton from '../shared/FileButton.vue'
import TopBar from '../shared/TopBar.vue'
import { callOn, codeOn } from '../units/label'
import { isOpening } from '../call/held'
import CallLine from './CallLine.vue'
import { inWords, useNewest } from '../shared/newest'

const SIZE = 50

const router = useRouter()
const route = useRoute()
const rows = ref<CallRow[] | null>(null)
/** Of these something is due today, or was before. */
const due = ref<CallRow[]>([])
const more = ref(false)
const search = ref('')
const help = ref(false)
const field = ref<{ focus: () => void } | null>(null)
const isLead = computed(() => session.account?.role === 'LEAD')

/** Calls that were opened on this device, and that the server has not taken yet. */
const unsent = computed(() =>
  [...refused(), ...waiting()].filter(isOpening).map((save) => ({
    id: save.call!,
    told: save.body as Particulars,
    why: save.refused?.message,
  })),
)

/** One who is not signed in any more, to the door. */
const { ask, fault } = useNewest((failed) => {
  if (!(failed instanceof Refusal) || failed.status !== 401) return inWords(failed)
  session.account = null
  void router.push('/sign-in')
  return ''
})

async function found(page: number) {
  await loadCatalogue()
  // What is due stands above the list: both are shown at once, so that nothing moves under a thumb.
  // What was searched for is not kept: it would push out what was opened.
  const read = search.value || page ? get : getKept
  return Promise.all([
    read<CallRow[]>(
      `/api/calls?search=${encodeURIComponent(search.value)}&page=${page}&size=${SIZE}`,
    ),
    page || search.value ? [] : getKept<CallRow[]>('/api/calls/due'),
  ])
}

const load = (page = 0) =>
  ask(
    () => found(page),
    ([calls, dueNow]) => {
      rows.value = page ? [...(rows.value ?? []), ...calls] : calls
      if (!page) due.value = dueNow
      more.value = calls.length === SIZE
    },
  )

watch(
  search,
  useDebounced(() => {
    const call = callOn(search.value)
    if (call) void router.push(`/units/${call}`)
    else void load()
  }, 150),
)

/** What is wrong with a label that was photographed. */
const unread = ref('')

async function scanned(event: Event) {
  const field = event.target as HTMLInputElement
  const photo = field.files?.[0]
  field.value = ''
  if (!photo) return
  unread.value = 'Reading the label…'
  const text = await codeOn(photo)
  const call = text === null ? undefined : callOn(text)
  unread.value =
    text === null
      ? 'No code was found on that photo. Closer, in good light, with the whole square on it.'
      : call
        ? ''
        : `That code is not on a label of ours. It says: ${text.slice(0, 80)}`
  if (call) await router.push(`/units/${call}`)
}

watch(trouble, (now) => {
  if (!now && fault.value) void load()
})
useEventListener(window, 'online', () => {
  if (old.value !== null) void load()
})

onMounted(async () => {
  if ('search' in route.query) focusSearch()
  await flush()
  await load()
})

const focusSearch = () => void nextTick(() => field.value?.focus())

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
        placeholder="Place, unit, motor, fault, part, or a label’s text"
        aria-label="Search calls"
      />
      <FileButton class="scan" title="Scan a label" accept="image/*" camera @file="scanned" />
      <router-link class="new" to="/calls/new">Open a call</router-link>
      <router-link v-if="isLead" class="week" to="/week">The week</router-link>
    </div>
    <p v-if="unread" class="notice" role="status">{{ unread }}</p>
    <section v-if="unsent.length" aria-labelledby="unsent">
      <h2 id="unsent" class="due">On this device alone</h2>
      <ul class="rows">
        <li v-for="one in unsent" :key="one.id" class="unsent">
          <router-link :to="`/calls/${one.id}/hear`">{{
            [one.told.place, one.told.unitName].filter(Boolean).join(', ')
          }}</router-link>
          <span class="soft">{{ one.why ?? 'Not sent yet' }}</span>
        </li>
      </ul>
    </section>
    <div v-if="fault" class="card" role="alert">
      <h2>{{ fault }}</h2>
      <button class="quiet-button" @click="load()">Try again</button>
    </div>
    <p v-else-if="rows === null" class="soft" role="status">Reading the calls…</p>
    <div v-else-if="!rows.length" class="card empty">
      <h2>{{ search ? 'No call fits that.' : 'No calls yet.' }}</h2>
      <p v-if="!search">Open the first one: where, what the fan does wrong, which motor.</p>
    </div>
    <div v-else class="calls">
      <section v-if="due.length" aria-labelledby="due">
        <h2 id="due" class="due">Due today</h2>
        <ul class="rows">
          <CallLine v-for="row in due" :key="row.id" :row="row" />
        </ul>
      </section>
      <h2 v-if="due.length" class="due">All calls</h2>
      <ul class="rows">
        <CallLine v-for="row in rows" :key="row.id" :row="row" />
      </ul>
    </div>
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

.scan {
  white-space: nowrap;
  min-height: 46px;
}

.week {
  display: inline-flex;
  align-items: center;
  min-height: 46px;
  padding: 0 6px;
  white-space: nowrap;
}

.rows {
  list-style: none;
  margin: 0 0 16px;
  padding: 0;
  border-top: 1px solid var(--rule);
}

.due {
  margin-bottom: 6px;
}

.unsent {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}

.unsent a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
  font-weight: 600;
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

  .scan {
    align-self: start;
  }
}
</style>
