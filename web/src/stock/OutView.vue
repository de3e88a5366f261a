<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '../api/client'
import type { LoanRow, OrderRow } from '../api/types'
import { loadCatalogue } from '../catalogue/catalogue'
import TopBar from '../shared/TopBar.vue'
import LoanItem from './LoanItem.vue'
import OrderItem from './OrderItem.vue'
import StockTabs from './StockTabs.vue'
import { inWords } from '../shared/newest'

/** What is on its way to the shop, and what of it stands in other people's buildings. */
const orders = ref<OrderRow[] | null>(null)
const loans = ref<LoanRow[] | null>(null)
const fault = ref('')

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    orders.value = await get<OrderRow[]>('/api/orders')
    loans.value = await get<LoanRow[]>('/api/loans')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

const isOpen = (row: OrderRow) => row.order.state === 'ORDERED'
const coming = computed(() =>
  (orders.value ?? [])
    .filter(isOpen)
    .sort((a, b) => (a.order.due ?? '9').localeCompare(b.order.due ?? '9')),
)
const done = computed(() => (orders.value ?? []).filter((row) => !isOpen(row)))
const out = computed(() => (loans.value ?? []).filter((row) => !row.loan.back))
const back = computed(() => (loans.value ?? []).filter((row) => row.loan.back))
</script>

<template>
  <TopBar title="Stock" />
  <main class="page out">
    <StockTabs />
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <p v-else-if="!loans" class="soft" role="status">Reading…</p>
    <template v-else>
      <section class="card stack">
        <h2>Loaners out: {{ out.length }}</h2>
        <p v-if="!out.length" class="soft">
          None is out. A motor is lent from a call, where the ordered part takes days and the
          building has no other heat.
        </p>
        <LoanItem v-for="row in out" :key="row.loan.id" :row="row" where @changed="load" />
      </section>
      <section class="card stack">
        <h2>On order: {{ coming.length }}</h2>
        <p v-if="!coming.length" class="soft">Nothing is on order.</p>
        <OrderItem v-for="row in coming" :key="row.order.id" :row="row" where @changed="load" />
      </section>
      <details v-if="done.length || back.length" class="card fold">
        <summary>
          <h2>Before</h2>
          <span class="soft">{{ done.length }} orders, {{ back.length }} loaners back</span>
        </summary>
        <OrderItem v-for="row in done" :key="row.order.id" :row="row" where @changed="load" />
        <LoanItem v-for="row in back" :key="row.loan.id" :row="row" where @changed="load" />
      </details>
    </template>
  </main>
</template>

<style scoped>
.out {
  display: grid;
  gap: 14px;
  max-width: 860px;
}
</style>
