<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { Refusal, request } from '../api/client'
import type { BookRow, BookView, Hit } from '../api/types'
import { loadCatalogue, signalTitle, suspectTitle } from '../catalogue/catalogue'
import { session } from '../session/session'
import { useDebounced } from '../shared/debounced'
import { inWords, useNewest } from '../shared/newest'
import { ago } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import { getKept } from '../keep/answers'
import { findCodes } from './lookup'

/** The shop's own code books: search in all of them, bring one in, take one out. */
const router = useRouter()
const books = ref<BookRow[] | null>(null)
const search = ref('')
const hits = ref<Hit[] | null>(null)
const name = ref('')
const { ask, fault } = useNewest()
const report = ref<Refusal | null>(null)
const file = ref<HTMLInputElement | null>(null)

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    books.value = await getKept<BookRow[]>('/api/codebooks')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}

onMounted(load)

const look = (words: string) =>
  ask(
    async () => (words.trim() ? await findCodes({ search: words }) : null),
    (found) => (hits.value = found),
  )

watch(
  search,
  useDebounced((words: string) => void look(words), 150),
)

async function bringIn() {
  report.value = null
  fault.value = ''
  const chosen = file.value?.files?.[0]
  if (!chosen) {
    fault.value = 'Choose a CSV file.'
    return
  }
  const called = name.value.trim() || chosen.name.replace(/\.csv$/i, '')
  const path = `/api/codebooks/${crypto.randomUUID()}/imports/${crypto.randomUUID()}`
  try {
    const book = await request<BookView>(
      'PUT',
      `${path}?name=${encodeURIComponent(called)}`,
      new Blob([await chosen.arrayBuffer()], { type: 'text/csv' }),
    )
    await router.push(`/codes/${book.id}`)
  } catch (failed) {
    if (failed instanceof Refusal) report.value = failed
    else fault.value = 'No answer from the server. The file is still yours; try again.'
  }
}

const fresh = () => router.push(`/codes/${crypto.randomUUID()}?new`)
</script>

<template>
  <TopBar title="Code books" />
  <main class="page beside">
    <section class="card stack">
      <label class="named">
        Search in every book
        <el-input v-model="search" name="search-codes" clearable />
      </label>
      <ul v-if="hits" class="hits plain" aria-label="Codes found">
        <li v-for="hit in hits" :key="hit.book + hit.row.line + hit.row.signal + hit.row.pattern">
          <strong class="digits">{{ hit.row.pattern }}</strong>
          <span>
            {{ hit.row.meaning }}
            <br /><span class="soft">
              {{ hit.row.line }}, {{ signalTitle(hit.row.signal).toLowerCase()
              }}{{
                hit.row.suspects.length
                  ? `; raises ${hit.row.suspects.map(suspectTitle).join(', ').toLowerCase()}`
                  : ''
              }}
            </span>
          </span>
          <router-link :to="`/codes/${hit.book}`">{{ hit.name }}</router-link>
        </li>
        <li v-if="!hits.length" class="soft">No code has these words.</li>
      </ul>
      <p v-if="fault" class="notice failed" role="alert">
        {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
      </p>
      <p v-else-if="!books" class="soft" role="status">Reading the books…</p>
      <ul v-else class="list plain">
        <li v-for="book in books" :key="book.id">
          <router-link :to="`/codes/${book.id}`">
            <strong>{{ book.name }}</strong>
            <span class="soft">
              {{ book.codes }} codes; {{ book.author }}, {{ ago(book.at) }}
            </span>
          </router-link>
          <a :href="`/api/codebooks/${book.id}/export`" download>CSV</a>
        </li>
        <li v-if="!books.length" class="soft">No book yet.</li>
      </ul>
      <p class="row">
        <button
          v-if="session.account?.keepsBooks"
          type="button"
          class="quiet-button"
          @click="fresh"
        >
          Write a new book
        </button>
        <router-link class="count" to="/count">Count a lamp</router-link>
      </p>
    </section>
    <p v-if="!session.account?.keepsBooks" class="soft">
      A lead brings books in and changes them, or whoever a lead lets: on the page of the shop's
      figures.
    </p>
    <section v-else class="card stack">
      <h2>Bring in a CSV file</h2>
      <p class="soft">
        One row a code, with a header: line, signal, pattern, meaning, suspects. It is taken whole
        or not at all.
      </p>
      <form class="stack" @submit.prevent="bringIn">
        <label class="named"
          >Name of the book <el-input v-model="name" name="bookName" maxlength="80"
        /></label>
        <label class="named">
          File <input ref="file" class="file" type="file" accept=".csv,text/csv" name="csv" />
        </label>
        <button type="submit" class="main-button">Bring it in</button>
      </form>
      <div v-if="report" class="notice failed" role="alert">
        <p>
          <strong>Nothing was taken: {{ report.errors.length }} faults.</strong>
          Mend them in the file, and bring it in again.
        </p>
        <table v-if="report.errors.length">
          <tbody>
            <tr v-for="(error, index) in report.errors" :key="index">
              <th scope="row">{{ error.path }}</th>
              <td>{{ error.message }}</td>
            </tr>
          </tbody>
        </table>
        <p v-else>{{ report.message }}</p>
      </div>
    </section>
  </main>
</template>

<style scoped>
.list li,
.hits li {
  display: flex;
  align-items: center;
  gap: 14px;
  border-top: 1px solid var(--rule);
}

.hits li {
  padding: 8px 0;
}

.hits li > strong {
  flex: none;
  width: 74px;
}

.hits li > span {
  flex: 1;
}

.list a:first-child {
  flex: 1;
  display: grid;
  padding: 10px 0;
  color: var(--ink);
  text-decoration: none;
}

.list a:last-child,
.hits a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
}

.count {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
  font-weight: 650;
}

.file {
  min-height: var(--target);
  padding: 8px 0;
  font: inherit;
}

table {
  margin-top: 8px;
  border-collapse: collapse;
  font-size: 0.9375rem;
}

th {
  padding: 4px 14px 4px 0;
  text-align: left;
  white-space: nowrap;
  vertical-align: top;
}

td {
  padding: 4px 0;
}

.main-button,
.quiet-button {
  justify-self: start;
}
</style>
