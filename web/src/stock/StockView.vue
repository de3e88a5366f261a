<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { PartRow, SettingsInForce } from '../api/types'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import { useCsv } from '../shared/csv'
import FileButton from '../shared/FileButton.vue'
import CsvFaults from '../shared/CsvFaults.vue'
import { money } from '../shared/money'
import { counted } from '../shared/number'
import TopBar from '../shared/TopBar.vue'
import BroughtIn from './BroughtIn.vue'
import PartFinder from './PartFinder.vue'
import PartForm from './PartForm.vue'
import StockTabs from './StockTabs.vue'
import { myVan } from './van'
import { keyTitle, kindTitle, stockedWhere, placeKey, placesOf, ratedTitle } from './words'
import { inWords } from '../shared/newest'
import { getKept } from '../keep/answers'

/** Everything that the shop keeps: where it lies, how many, and what one costs. */
const router = useRouter()
const rows = ref<PartRow[] | null>(null)
const currency = ref('USD')
const only = ref('')
const kind = ref('')
const adding = ref(false)
const fault = ref('')
const said = ref('')

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    currency.value = (await getKept<SettingsInForce>('/api/shop/settings')).settings.currency
    rows.value = await getKept<PartRow[]>('/api/stock/parts')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

const places = computed(() => placesOf(rows.value ?? []).reverse())
const shown = computed(() =>
  (rows.value ?? []).filter(
    (row) =>
      (!kind.value || row.part.kind === kind.value) &&
      (!only.value || row.places.some((one) => placeKey(one) === only.value)),
  ),
)
const groups = computed(() =>
  (catalogue.value?.partKinds ?? [])
    .map((one) => ({ ...one, rows: shown.value.filter((row) => row.part.kind === one.id) }))
    .filter((one) => one.rows.length),
)
const kinds = computed(() =>
  (catalogue.value?.partKinds ?? []).filter((one) =>
    rows.value?.some((row) => row.part.kind === one.id),
  ),
)
const vans = computed(() =>
  places.value.filter((one) => one.startsWith('VAN ')).map((one) => one.slice(4)),
)

function kept(now: PartRow[]) {
  rows.value = now
  adding.value = false
  said.value = 'Kept.'
}

/** How many lists came and went while this page is open. */
const lists = ref(0)

const csv = useCsv<PartRow>('/api/stock/imports', (all) => {
  rows.value = all
  lists.value++
  said.value = `Brought in. The stock has ${counted(all.length, 'part')}.`
})

function takenBack(all: PartRow[]) {
  rows.value = all
  said.value = `Taken back. The stock has ${counted(all.length, 'part')}.`
}
</script>

<template>
  <TopBar title="Stock" />
  <main class="page stock">
    <StockTabs />
    <section class="card">
      <PartFinder v-slot="{ row }" :currency="currency">
        <router-link v-if="row.id" class="quiet-button as-button" :to="`/stock/parts/${row.id}`">
          Open<span class="visually-hidden"> {{ row.found.part.number }}</span>
        </router-link>
      </PartFinder>
    </section>
    <div class="row tools">
      <label class="named">
        Only in
        <select v-model="only" name="place">
          <option value="">every van and shelf</option>
          <option v-for="one in places" :key="one" :value="one">{{ keyTitle(one) }}</option>
        </select>
      </label>
      <label class="named">
        Only
        <select v-model="kind" name="kind">
          <option value="">all kinds</option>
          <option v-for="one in kinds" :key="one.id" :value="one.id">{{ one.title }}</option>
        </select>
      </label>
      <label v-if="vans.length" class="named">
        This device rides in
        <select v-model="myVan" name="van">
          <option value="">no van</option>
          <option v-for="one in vans" :key="one" :value="one">van {{ one }}</option>
        </select>
      </label>
      <button type="button" class="quiet-button" @click="adding = !adding">Add a part</button>
      <FileButton title="Bring in a CSV" accept=".csv,text/csv" @file="csv.bringIn" />
      <a class="says" href="/api/stock/export" download>CSV of the stock</a>
    </div>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <CsvFaults :refusal="csv.refusal.value" :fault="csv.fault.value" :busy="csv.busy.value" />
    <BroughtIn :key="lists" @back="takenBack" />
    <PartForm v-if="adding" @kept="kept" @close="adding = false" />
    <p v-if="!rows && !fault" class="soft" role="status">Reading the stock…</p>
    <p v-else-if="rows && !rows.length" class="card">
      Nothing is kept yet. Add a part, or bring in a CSV with the columns number and kind, and what
      else is known: name, supplierNumber, barcode, price, place (VAN or SHELF), where, count.
    </p>
    <p v-else-if="rows && !shown.length" class="soft">Nothing of that kind lies there.</p>
    <section v-for="group in groups" :key="group.id" class="card group">
      <h2>{{ group.title }}</h2>
      <ul class="plain">
        <li v-for="row in group.rows" :key="row.id">
          <button type="button" class="part" @click="router.push(`/stock/parts/${row.id}`)">
            <span
              ><strong>{{ row.part.number }}</strong>
              <span class="soft">{{
                [row.part.name || kindTitle(row.part.kind), ratedTitle(row.part)]
                  .filter(Boolean)
                  .join(', ')
              }}</span></span
            >
            <span class="lies" :class="{ none: !row.places.length }">{{
              stockedWhere(row.places) || 'none left'
            }}</span>
            <span class="digits price">{{
              row.part.price === undefined ? '' : money(row.part.price, currency)
            }}</span>
          </button>
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.stock {
  display: grid;
  gap: 14px;
  max-width: 1000px;
}

.tools {
  align-items: end;
  gap: 12px 16px;
}

.as-button {
  display: inline-flex;
  align-items: center;
  color: inherit;
  text-decoration: none;
}

.group {
  padding: 12px 20px 4px;
}

.group h2::first-letter {
  text-transform: uppercase;
}

li + li {
  border-top: 1px solid var(--rule);
}

.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 300px) 70px;
  align-items: center;
  gap: 2px 16px;
  width: 100%;
  min-height: 52px;
  padding: 6px 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.part > span:first-child {
  display: grid;
}

.none {
  color: var(--suspect);
  font-weight: 650;
}

.price {
  text-align: right;
}

@media (max-width: 719px) {
  .part {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .part > span:first-child {
    grid-column: 1 / -1;
  }
}
</style>
