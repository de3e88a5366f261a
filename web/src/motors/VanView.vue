<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '../api/client'
import type { SettingsInForce, VanPlan } from '../api/types'
import { money } from '../shared/money'
import TopBar from '../shared/TopBar.vue'
import StockTabs from '../stock/StockTabs.vue'
import { inWords } from '../shared/newest'

/** Which few motors of the shop's list cover most of the units that were called for. */
const SLOTS = 8

const plan = ref<VanPlan | null>(null)
const currency = ref('USD')
const chosen = ref(1)
const fault = ref('')

async function load() {
  fault.value = ''
  try {
    currency.value = (await get<SettingsInForce>('/api/shop/settings')).settings.currency
    plan.value = await get<VanPlan>(`/api/motors/van?slots=${SLOTS}`)
    chosen.value = rows.value.at(-1)?.slots ?? 1
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

/** As far as one more model still covers more. */
const rows = computed(() => {
  const curve = plan.value?.curve ?? []
  return curve.filter((row, at) => !at || row.perYear > curve[at - 1]!.perYear)
})
const row = computed(() => rows.value.find((one) => one.slots === chosen.value))
const percent = (share: number) => `${Math.round(100 * share)} %`
const models = (count: number) => (count === 1 ? '1 model' : `${count} models`)
</script>

<template>
  <TopBar title="Stock" />
  <main class="page van">
    <StockTabs />
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <p v-else-if="!plan" class="soft" role="status">Trying every set that could be best…</p>
    <template v-else>
      <section class="card stack">
        <h2>How many models, and how much they cover</h2>
        <p class="soft">
          Of the shop's list, by the rules of matching, for the units of past calls, each by how
          often a year it is called for. A motor that is fitted with a link or a tap set counts as
          covered.
        </p>
        <ol class="plain curve">
          <li v-for="one in rows" :key="one.slots">
            <button type="button" :aria-pressed="one.slots === chosen" @click="chosen = one.slots">
              <span class="many">{{ models(one.slots) }}</span>
              <span class="bar"><span :style="{ width: `${100 * one.share}%` }"></span></span>
              <strong class="digits">{{ percent(one.share) }}</strong>
            </button>
          </li>
        </ol>
        <p v-if="!rows.some((one) => one.perYear)">
          No motor of the list fits a unit of a past call.
          <router-link to="/motors">To the list</router-link>
        </p>
      </section>
      <section v-if="row?.carry.length" class="card stack">
        <h2>Carry {{ models(row.carry.length) }}</h2>
        <ul class="plain carried">
          <li v-for="id in row.carry" :key="id">{{ id }}</li>
        </ul>
        <p>
          One of each:
          <strong class="digits">{{
            row.price === undefined ? 'price to come' : money(row.price, currency)
          }}</strong>.
          {{
            row.optimal
              ? 'Proved: no other set of so many covers more, and none that covers as much is cheaper.'
              : 'The best found; that there is no better one is not proved.'
          }}
        </p>
      </section>
      <section v-if="plan.uncovered.length" class="card stack">
        <h2>Nothing in the list fits: {{ plan.uncovered.length }}</h2>
        <ul class="plain">
          <li v-for="one in plan.uncovered" :key="one.id" class="uncovered">
            <strong>{{ one.id }}</strong>
            <span class="soft">{{ one.sentence }}</span>
          </li>
        </ul>
      </section>
    </template>
  </main>
</template>

<style scoped>
.van {
  display: grid;
  gap: 14px;
  max-width: 860px;
}

.curve button {
  display: grid;
  grid-template-columns: 90px 1fr 60px;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: var(--target);
  padding: 0 10px;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.curve button[aria-pressed='true'] {
  border-left-color: var(--copper);
  background: var(--paper);
}

.curve strong {
  text-align: right;
}

.bar {
  height: 16px;
  border: 1px solid var(--rule-strong);
}

.bar span {
  display: block;
  height: 100%;
  background: var(--copper);
}

.carried li {
  padding: 8px 0;
  border-top: 1px solid var(--rule);
  font-weight: 650;
}

.uncovered {
  display: grid;
  gap: 2px;
  padding: 8px 0;
  border-top: 1px solid var(--rule);
}
</style>
