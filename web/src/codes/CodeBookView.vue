<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Refusal, request } from '../api/client'
import type { BookRow, BookView } from '../api/types'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import { getKept } from '../keep/answers'
import { session } from '../session/session'
import ChangedMeanwhile from '../shared/ChangedMeanwhile.vue'
import { useEdition } from '../shared/edition'
import TopBar from '../shared/TopBar.vue'
import { inWords } from '../shared/newest'

/** One code book, written row by row; a change is kept as a whole new edition. */
const props = defineProps<{ id: string }>()

interface Cells {
  line: string
  signal: string
  pattern: string
  meaning: string
  suspects: string[]
}

const route = useRoute()
const router = useRouter()
const name = ref('')
const rows = ref<Cells[]>([])
const kept = ref('')
const refusal = ref<Refusal | null>(null)
const fault = ref('')
const said = ref('')
const loaded = ref(false)
const edition = useEdition()
/** Whether whoever is here may change it. */
const keeps = computed(() => session.account?.keepsBooks)

const suspects = computed(() =>
  (catalogue.value?.suspects ?? []).filter((suspect) => !['NONE', 'OTHER'].includes(suspect.id)),
)
const allowed = (signal: string) =>
  catalogue.value?.signals.find((one) => one.id === signal)?.allowed ?? ''
const state = () => JSON.stringify([name.value, rows.value])
const changed = computed(() => loaded.value && state() !== kept.value)

function show(book: BookView) {
  name.value = book.name
  rows.value = book.rows.map((row) => ({ ...row, suspects: [...row.suspects] }))
  kept.value = state()
  edition.base.value = book.edition
  loaded.value = true
}

onMounted(async () => {
  try {
    await loadCatalogue()
    if ('new' in route.query) {
      loaded.value = true
      add()
    } else {
      show(await getKept<BookView>(`/api/codebooks/${props.id}`))
    }
  } catch (failed) {
    fault.value = inWords(failed)
  }
})

const list = ref<HTMLElement>()
function add() {
  const last = rows.value.at(-1)
  rows.value.push({
    line: last?.line ?? '',
    signal: last?.signal ?? 'FLASHES',
    pattern: '',
    meaning: '',
    suspects: [],
  })
  void nextTick(() =>
    list.value?.querySelector<HTMLInputElement>('li:last-child input[name=pattern]')?.focus(),
  )
}

async function keep() {
  refusal.value = null
  fault.value = ''
  said.value = ''
  try {
    const body = {
      name: name.value,
      rows: rows.value.map((row) => ({ ...row, suspects: row.suspects.join(' ') })),
    }
    show(
      await request<BookView>(
        'PUT',
        `/api/codebooks/${props.id}/editions/${crypto.randomUUID()}${edition.query()}`,
        body,
      ),
    )
    said.value = 'Kept.'
    if ('new' in route.query) await router.replace(`/codes/${props.id}`)
  } catch (failed) {
    if (failed instanceof Refusal) {
      refusal.value = failed
      edition.refused(failed)
    } else fault.value = 'No answer from the server. What you wrote is still here; try again.'
  }
}

async function remove() {
  try {
    const path = `/api/codebooks/${props.id}/removals/${crypto.randomUUID()}${edition.query()}`
    await request<BookRow[]>('PUT', path)
    await router.push('/codes')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}

/** The header of the table is row 1. */
const faultsOf = (index: number) =>
  (refusal.value?.errors ?? []).filter((error) =>
    new RegExp(`^row ${index + 2}(,|$)`).test(error.path),
  )
const otherFaults = computed(() =>
  (refusal.value?.errors ?? []).filter(
    (error) => !rows.value.some((_, index) => faultsOf(index).includes(error)),
  ),
)
</script>

<template>
  <TopBar :title="name || 'A new code book'" detail="Code book" />
  <main class="page">
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <form v-if="loaded" class="card book" @submit.prevent="keep">
      <fieldset class="held" :disabled="!keeps">
        <label class="name">
          Name of the book <el-input v-model="name" name="bookName" maxlength="80" />
        </label>
        <ol ref="list" class="rows">
          <li v-for="(row, index) in rows" :key="index">
            <label>
              Line of equipment <el-input v-model="row.line" name="line" maxlength="80" />
            </label>
            <label>
              How it is told
              <select v-model="row.signal" :aria-label="`How it is told, row ${index + 1}`">
                <option v-for="signal in catalogue?.signals" :key="signal.id" :value="signal.id">
                  {{ signal.title }}
                </option>
              </select>
            </label>
            <label>
              Pattern
              <el-input v-model="row.pattern" name="pattern" :title="allowed(row.signal)" />
            </label>
            <label class="meaning">
              Meaning, in your words
              <el-input v-model="row.meaning" name="meaning" maxlength="300" />
            </label>
            <label class="suspects">
              Raises
              <el-select
                v-model="row.suspects"
                multiple
                collapse-tags
                :max-collapse-tags="3"
                placeholder="nobody"
                :aria-label="`Raises, row ${index + 1}`"
              >
                <el-option
                  v-for="suspect in suspects"
                  :key="suspect.id"
                  :value="suspect.id"
                  :label="suspect.title"
                />
              </el-select>
            </label>
            <button
              type="button"
              class="link-button"
              :aria-label="`Take row ${index + 1} away`"
              @click="rows.splice(index, 1)"
            >
              Take away
            </button>
            <p v-for="error in faultsOf(index)" :key="error.path" class="fault" role="alert">
              {{ error.path.replace(/^row \d+,? ?/, '') }}: {{ error.message }}
            </p>
          </li>
        </ol>
        <p v-for="error in otherFaults" :key="error.path + error.message" class="notice failed">
          {{ error.path }}: {{ error.message }}
        </p>
        <ChangedMeanwhile :refusal="refusal" />
        <p class="actions">
          <button v-if="keeps" type="button" class="quiet-button" @click="add">Add a code</button>
          <button v-if="keeps" type="submit" class="main-button" :disabled="!changed">
            Keep the book
          </button>
          <span v-if="said && !changed" role="status">{{ said }}</span>
          <a v-if="kept" :href="`/api/codebooks/${id}/export`" download>CSV</a>
          <button v-if="kept && keeps" type="button" class="link-button last" @click="remove">
            Take the book away
          </button>
        </p>
      </fieldset>
    </form>
    <p><router-link to="/codes">All code books</router-link></p>
  </main>
</template>

<style scoped>
.held {
  display: grid;
  gap: inherit;
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}

.page,
.book {
  display: grid;
  gap: 16px;
}

label {
  display: grid;
  gap: 3px;
  font-size: 0.9375rem;
  font-weight: 650;
  align-content: start;
}

.name {
  max-width: 420px;
}

.rows {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 1.2fr 1.5fr 0.7fr 2fr 1.5fr auto;
  gap: 8px 12px;
  align-items: end;
  padding: 12px 0;
  border-top: 1px solid var(--rule);
}

.fault {
  grid-column: 1 / -1;
  color: var(--failed);
  font-weight: 600;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 14px;
}

.actions a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
}

.last {
  margin-left: auto;
}

@media (max-width: 1023px) {
  li {
    grid-template-columns: 1fr 1fr;
  }

  .meaning,
  .suspects {
    grid-column: 1 / -1;
  }
}
</style>
