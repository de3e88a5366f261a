<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get, request } from '../api/client'
import type { SettingsInForce, SupplyDesk } from '../api/types'
import { loadCatalogue } from '../catalogue/catalogue'
import { session } from '../session/session'
import OptionGroup from '../shared/OptionGroup.vue'
import { ago } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import PartFinder from './PartFinder.vue'
import StockTabs from './StockTabs.vue'
import { inWords } from '../shared/newest'

/** The supply house: its parts, how it stands with it, and for practice how it is to behave. */
interface Mood {
  delayMs: number
  fails: string
  lies: string
}
const desk = ref<SupplyDesk | null>(null)
const mood = ref<Mood | null>(null)
const currency = ref('USD')
const fault = ref('')
const isLead = computed(() => session.account?.role === 'LEAD')

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    currency.value = (await get<SettingsInForce>('/api/shop/settings')).settings.currency
    desk.value = await get<SupplyDesk>('/api/supply')
    if (desk.value.standIn && isLead.value) mood.value = await get<Mood>('/api/supply/stand-in')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

const DELAYS = [
  { value: 0, label: 'at once' },
  { value: 1200, label: 'in 1.2 s' },
  { value: 5000, label: 'in 5 s' },
]
const FAILS = [
  { value: 'NONE', label: 'answers' },
  { value: 'ERROR', label: 'says it is closed' },
  { value: 'GARBAGE', label: 'answers nonsense' },
  { value: 'DROP', label: 'hangs up' },
]
const LIES = [
  { value: 'NONE', label: 'the truth' },
  { value: 'NEGATIVE_STOCK', label: 'less than none in stock' },
  { value: 'NO_PRICE', label: 'no prices' },
  { value: 'OTHER_CURRENCY', label: 'another currency' },
]

async function set(change: Partial<Mood>) {
  fault.value = ''
  try {
    mood.value = await request<Mood>('PUT', '/api/supply/stand-in', { ...mood.value, ...change })
    desk.value = await get<SupplyDesk>('/api/supply')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
</script>

<template>
  <TopBar title="Stock" />
  <main class="page supply">
    <StockTabs />
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <section v-if="desk" class="card stack">
      <p v-if="desk.line === 'NONE'" class="notice">
        This shop asks no supply house: whoever starts the application names one with --supply.
      </p>
      <p v-else-if="desk.leftAlone" class="notice">
        It failed again and again and is left alone for a moment. What it said last is shown.
      </p>
      <p class="soft">
        <template v-if="desk.standIn">A simulated supply house, with invented prices. </template>
        <template v-if="desk.lastAnswer"
          >It has told of {{ desk.parts }} parts, last {{ ago(desk.lastAnswer) }}.</template
        >
        <template v-else>It has not been asked yet.</template>
      </p>
      <PartFinder :currency="currency" placeholder="relay 24 V, kestrel, QH-80075 …" />
    </section>
    <details v-if="mood" class="card fold">
      <summary>
        <h2>How the simulated one behaves</h2>
        <span class="soft">to practise on a bad day</span>
      </summary>
      <div class="stack moods">
        <OptionGroup
          title="It answers"
          required
          :model-value="mood.delayMs"
          :options="DELAYS"
          @update:model-value="(value) => set({ delayMs: value })"
        />
        <OptionGroup
          title="When it is asked, it"
          required
          :model-value="mood.fails"
          :options="FAILS"
          @update:model-value="(value) => set({ fails: value })"
        />
        <OptionGroup
          title="It tells"
          required
          :model-value="mood.lies"
          :options="LIES"
          @update:model-value="(value) => set({ lies: value })"
        />
      </div>
    </details>
  </main>
</template>

<style scoped>
.supply {
  display: grid;
  gap: 14px;
  max-width: 860px;
}

.moods {
  margin-top: 12px;
}
</style>
