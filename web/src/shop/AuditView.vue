<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import type { AccountRow } from '../api/types'
import type { components } from '../api/schema'
import { get, NoAnswer, Refusal } from '../api/client'
import { session } from '../session/session'
import { clock, day } from '../shared/time'
import TopBar from '../shared/TopBar.vue'

/** For leads: who did what that others answer for, newest first. */
type AuditPage = components['schemas']['AuditPage']
type Field = '' | 'COMING_IN' | 'RIGHTS' | 'SETTINGS' | 'PRICES' | 'BOOKS' | 'COUNTS' | 'CALLS'
const FIELDS: { id: Field; title: string }[] = [
  { id: '', title: 'Everything' },
  { id: 'COMING_IN', title: 'Signing in' },
  { id: 'RIGHTS', title: 'Accounts and rights' },
  { id: 'SETTINGS', title: 'The shop’s figures' },
  { id: 'PRICES', title: 'Parts and prices' },
  { id: 'BOOKS', title: 'Code books' },
  { id: 'COUNTS', title: 'Counts' },
  { id: 'CALLS', title: 'Calls' },
]
const DAYS = [
  { days: 7, title: 'a week' },
  { days: 30, title: '30 days' },
  { days: 365, title: 'a year' },
  { days: 3660, title: 'ten years' },
]
const field = ref<Field>('')
const person = ref('')
const days = ref(30)
const people = ref<AccountRow[]>([])
const page = ref<AuditPage | null>(null)
const fault = ref('')
document.title = 'Who did what – Variable Rotor'

function query(before?: string) {
  const asked = new URLSearchParams({ days: String(days.value) })
  if (field.value) asked.set('field', field.value)
  if (person.value) asked.set('person', person.value)
  if (before) asked.set('before', before)
  return asked.toString()
}

async function attempt(action: () => Promise<void>) {
  fault.value = ''
  try {
    await action()
  } catch (thrown) {
    if (thrown instanceof Refusal && thrown.status === 401) session.ended = true
    if (!(thrown instanceof Refusal) && !(thrown instanceof NoAnswer)) throw thrown
    fault.value = thrown.message
  }
}

/** What was asked last is what is shown, in whatever order the answers come. */
let asked = 0
const load = () =>
  attempt(async () => {
    const mine = ++asked
    const found = await get<AuditPage>(`/api/audit?${query()}`)
    if (mine === asked) page.value = found
  })
const more = () =>
  attempt(async () => {
    const mine = asked
    const next = await get<AuditPage>(`/api/audit?${query(page.value!.next!)}`)
    if (mine === asked) page.value = { ...next, rows: [...page.value!.rows, ...next.rows] }
  })

watch([field, person, days], load)
onMounted(() =>
  attempt(async () => {
    people.value = await get<AccountRow[]>('/api/accounts')
    await load()
  }),
)
</script>

<template>
  <TopBar title="Who did what" />
  <main class="page audit">
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <form class="row" aria-label="Which of it" @submit.prevent>
      <label class="named">
        What
        <select v-model="field" name="field">
          <option v-for="one in FIELDS" :key="one.id" :value="one.id">{{ one.title }}</option>
        </select>
      </label>
      <label class="named">
        Who
        <select v-model="person" name="person">
          <option value="">Everybody</option>
          <option v-for="one in people" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <label class="named">
        Back to
        <select v-model="days" name="days">
          <option v-for="one in DAYS" :key="one.days" :value="one.days">{{ one.title }}</option>
        </select>
      </label>
      <a class="quiet-button" :href="`/api/audit/table?${query()}`" download="audit.csv">CSV</a>
    </form>
    <p class="soft">
      Read from the logs themselves; nobody can change or remove a line. Readings are not on it.
    </p>
    <template v-if="page">
      <p v-if="!page.rows.length">Nothing of this kind.</p>
      <ol class="plain card">
        <li v-for="row in page.rows" :key="row.id">
          <span class="when soft">{{ day(row.at) }}, {{ clock(row.at) }}</span>
          <span>
            <strong>{{ row.by ?? 'The command line' }}</strong>
            {{ row.title.charAt(0).toLowerCase() + row.title.slice(1)
            }}<template v-if="row.subject && row.subject !== row.by">: </template>
            <router-link v-if="row.call" class="says" :to="`/calls/${row.call}`">{{
              row.subject
            }}</router-link>
            <template v-else-if="row.subject !== row.by">{{ row.subject }}</template>
            <span v-if="row.told" class="soft told">{{ row.told }}</span>
          </span>
        </li>
      </ol>
      <button v-if="page.next" type="button" class="quiet-button" @click="more">Older</button>
    </template>
  </main>
</template>

<style scoped>
.audit {
  display: grid;
  gap: 14px;
  max-width: 860px;
}

.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
  align-items: end;
}

.row .quiet-button {
  display: grid;
  place-items: center;
}

.row select {
  width: 100%;
  min-width: 0;
}

.told {
  display: block;
}

ol {
  padding: 4px 16px;
}

li {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 2px 14px;
  padding: 9px 0;
  border-bottom: 1px solid var(--rule);
}

li:last-child {
  border-bottom: 0;
}

.quiet-button {
  justify-self: start;
}

.row .quiet-button {
  justify-self: stretch;
}

@media (max-width: 719px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
