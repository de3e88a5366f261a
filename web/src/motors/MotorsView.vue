<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '../api/client'
import type { MotorRow, SettingsInForce, Told, UnitFit } from '../api/types'
import { familyTitle, loadCatalogue } from '../catalogue/catalogue'
import MotorPoints from '../choose/MotorPoints.vue'
import { fitTitle, stockedTitle, placeTitle, pointsTitle } from '../choose/words'
import { useCsv } from '../shared/csv'
import AsTold from '../shared/AsTold.vue'
import FileButton from '../shared/FileButton.vue'
import CsvFaults from '../shared/CsvFaults.vue'
import { money } from '../shared/money'
import TopBar from '../shared/TopBar.vue'
import StockTabs from '../stock/StockTabs.vue'
import MotorForm from './MotorForm.vue'
import { inWords } from '../shared/newest'
import { getKept } from '../keep/answers'

/** The motors that the shop can get, and for each the units of past calls that it would fit. */
const rows = ref<MotorRow[] | null>(null)
const currency = ref('USD')
const search = ref('')
const open = ref<string | null>(null)
const units = ref<UnitFit[] | null>(null)
const editing = ref<MotorRow | 'new' | null>(null)
const fault = ref('')
const asTold = ref<Told[]>([])
const said = ref('')

const shown = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return (rows.value ?? []).filter((row) => {
    const { candidate, at } = row.motor
    const { plate } = candidate
    const text =
      `${candidate.id} ${familyTitle(plate.family)} ${plate.horsepower ?? ''} hp ${plate.volts ?? ''} ${placeTitle(at)}`.toLowerCase()
    return words.every((word) => text.includes(word))
  })
})
const fitting = computed(() => (units.value ?? []).filter((one) => one.match.state !== 'NO'))
const others = computed(() => (units.value?.length ?? 0) - fitting.value.length)

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    currency.value = (await getKept<SettingsInForce>('/api/shop/settings')).settings.currency
    rows.value = await getKept<MotorRow[]>('/api/motors')
    asTold.value = await get<Told[]>('/api/motors/as-told')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

async function show(row: MotorRow) {
  open.value = open.value === row.id ? null : row.id
  units.value = null
  if (!open.value) return
  try {
    units.value = await get<UnitFit[]>(`/api/motors/${row.id}/units`)
  } catch (failed) {
    fault.value = inWords(failed)
  }
}

function kept(now: MotorRow[]) {
  rows.value = now
  editing.value = null
  said.value = 'Kept.'
}

const csv = useCsv<MotorRow>('/api/motors/imports', (all) => {
  rows.value = all
  said.value = `Brought in. The list has ${all.length} motors.`
})

const plateOf = (row: MotorRow) => {
  const { plate } = row.motor.candidate
  return [
    familyTitle(plate.family),
    plate.horsepower ? `${plate.horsepower} hp` : '',
    plate.volts ? `${plate.volts} V` : '',
    plate.rpm ? `${plate.rpm} r/min` : '',
  ]
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <TopBar title="Stock" />
  <main class="page motors">
    <StockTabs />
    <div class="card row tools">
      <label class="named search">
        Search <el-input v-model="search" name="search" placeholder="name, kind, hp, volts" />
      </label>
      <button type="button" class="quiet-button" @click="editing = 'new'">Type a motor</button>
      <FileButton title="Bring in a CSV" accept=".csv,text/csv" @file="csv.bringIn" />
      <a href="/api/motors/export" download>CSV of the list</a>
    </div>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <CsvFaults :refusal="csv.refusal.value" :fault="csv.fault.value" :busy="csv.busy.value" />
    <MotorForm
      v-if="editing"
      :key="editing === 'new' ? 'new' : editing.id"
      :row="editing === 'new' ? undefined : editing"
      @kept="kept"
      @close="editing = null"
    />
    <AsTold :lines="asTold" />
    <p v-if="!rows && !fault" class="soft" role="status">Reading the list…</p>
    <p v-else-if="rows && !rows.length" class="card">
      No motors yet. Type one, or bring in a CSV with the columns id, family and volts, and what
      else is known.
    </p>
    <p v-else-if="rows && !shown.length" class="soft">None of {{ rows.length }} has these words.</p>
    <ul v-if="shown.length" class="plain card">
      <li v-for="row in shown" :key="row.id">
        <button type="button" class="motor" :aria-expanded="open === row.id" @click="show(row)">
          <strong>{{ row.motor.candidate.id }}</strong>
          <span class="digits">{{
            row.now.price === undefined ? 'no price' : money(row.now.price, currency)
          }}</span>
          <span class="soft">{{ plateOf(row) }}</span>
          <span class="soft lies">{{ stockedTitle(row.now, '0 ') }}</span>
        </button>
        <section v-if="open === row.id" class="open" :aria-label="row.motor.candidate.id">
          <p class="row">
            <button type="button" class="link-button" @click="editing = row">Change it</button>
          </p>
          <p v-if="!units" class="soft" role="status">Matching it to the units of past calls…</p>
          <template v-else>
            <h3>Units of past calls that it would fit: {{ fitting.length }}</h3>
            <p v-if="others" class="soft">{{ others }} more that it does not fit.</p>
            <details v-for="unit in fitting" :key="unit.call">
              <summary>
                <span class="state" :class="unit.match.state.toLowerCase()">{{
                  fitTitle(unit.match.state)
                }}</span>
                <span
                  >{{ unit.place }}, {{ unit.unitName }}
                  <span class="soft">{{ pointsTitle(unit.match) }}</span></span
                >
              </summary>
              <MotorPoints :points="unit.match.points" />
              <router-link :to="`/calls/${unit.call}/choose`">To the call</router-link>
            </details>
          </template>
        </section>
      </li>
    </ul>
  </main>
</template>

<style scoped>
.motors {
  display: grid;
  gap: 14px;
  max-width: 1000px;
}

.tools {
  align-items: end;
  gap: 12px 16px;
}

.search {
  flex: 1 1 240px;
}

.tools a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
}

.plain.card {
  padding: 4px 20px;
}

li + li {
  border-top: 1px solid var(--rule);
}

.motor {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 16px;
  width: 100%;
  min-height: 60px;
  padding: 8px 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.digits,
.lies {
  text-align: right;
}

.open {
  padding: 0 0 14px;
}

h3 {
  margin: 4px 0;
  font-size: 1rem;
}

summary {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: var(--target);
  cursor: pointer;
}

.state {
  flex: 0 0 88px;
  font-weight: 700;
}

.state.fits {
  color: var(--good);
}

.state.fits_with {
  color: var(--suspect);
}

@media (max-width: 719px) {
  .motor {
    grid-template-columns: 1fr;
  }

  .digits,
  .lies {
    text-align: left;
  }
}
</style>
