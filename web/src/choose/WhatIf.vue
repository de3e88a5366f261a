<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import type { Choice } from '../api/types'
import { routeTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { useChoice } from './choice'

/** What the ways cost over the years, and on what the ranking turns: with the figures to be moved. */
const { choice, dials, turned } = useChoice()

// The charts are large and wanted only here.
const CostPlot = defineAsyncComponent(() => import('./CostPlot.vue'))

type Turn = Choice['turns'][number]
type Dial =
  'energyPerKwh' | 'fanHoursPerYear' | 'yearsAhead' | 'labourPerHour' | 'labourHours' | 'partPrice'

const currency = computed(() => choice.value.market.currency ?? 'USD')
const first = computed(() => choice.value.recommended)
const part = computed(
  () => choice.value.ways.find((one) => one.route === first.value)?.partPrice ?? undefined,
)

const hours = computed(() => {
  const labour = choice.value.ways.find((one) => one.route === first.value)?.labour
  const rate = choice.value.market.labourPerHour
  return labour === undefined || !rate ? undefined : labour / rate
})

const exact = (amount: number) =>
  new Intl.NumberFormat('en', {
    style: 'currency',
    currency: currency.value,
    maximumFractionDigits: 2,
  }).format(amount)
const whole = (amount: number) => money(amount, currency.value)
const SCALES = computed(() => [
  {
    id: 'energyPerKwh' as Dial,
    title: 'Energy, a kWh',
    value: choice.value.market.energyPerKwh,
    most: 1,
    step: 0.01,
    says: exact,
  },
  {
    id: 'fanHoursPerYear' as Dial,
    title: 'Hours of running a year',
    value: choice.value.market.fanHoursPerYear,
    most: 8760,
    step: 20,
    says: (hours: number) => `${Math.round(hours)} h`,
  },
  {
    id: 'yearsAhead' as Dial,
    title: 'Years that the unit lasts yet',
    value: choice.value.market.yearsAhead,
    most: 25,
    step: 1,
    says: (years: number) => `${years}`,
  },
  {
    id: 'labourPerHour' as Dial,
    title: 'Labour, an hour',
    value: choice.value.market.labourPerHour,
    most: 400,
    step: 5,
    says: whole,
  },
  {
    id: 'labourHours' as Dial,
    title: first.value ? `Hours for "${routeTitle(first.value)}"` : 'Hours',
    value: dials.value.labourHours ?? hours.value,
    most: 8,
    step: 0.25,
    says: (given: number) => `${Number(given.toFixed(2))} h`,
  },
  {
    id: 'partPrice' as Dial,
    title: first.value ? `Part for "${routeTitle(first.value)}"` : 'Part',
    value: dials.value.partPrice ?? part.value,
    most: Math.max(2000, 2 * (part.value ?? 0)),
    step: 5,
    says: whole,
  },
])
const moving = computed(() => SCALES.value.filter((one) => one.value !== undefined))

function move(id: Dial, typed: string) {
  const ofWay = id === 'partPrice' || id === 'labourHours'
  const more = ofWay ? { way: dials.value.way ?? first.value } : {}
  dials.value = { ...dials.value, ...more, [id]: Number(typed) }
}

const SAID: Record<Turn['dial'], (at: number) => string> = {
  PART_PRICE: (at) => `its part at ${whole(at)}`,
  LABOUR_HOURS: (at) => `${at.toFixed(1)} hours for it`,
  LABOUR_PER_HOUR: (at) => `labour at ${whole(at)} an hour`,
  ENERGY_PER_KWH: (at) => `energy at ${exact(at)} a kWh`,
  FAN_HOURS: (at) => `${Math.round(at)} hours of running a year`,
  YEARS: (at) => `${at.toFixed(1)} years`,
}
const turns = computed(() =>
  choice.value.turns.map((turn) => ({
    key: `${turn.dial} ${turn.above}`,
    when: `${turn.above ? 'Above' : 'Below'} ${SAID[turn.dial](turn.at)}`,
    to: routeTitle(turn.to),
  })),
)
const pairs = computed(() =>
  choice.value.breakEven
    .filter((pair) => pair.years !== undefined)
    .map((pair) => ({
      key: pair.a + pair.b,
      names: `${routeTitle(pair.a)} and ${routeTitle(pair.b)}`,
      years: pair.years!.toFixed(1),
    })),
)
/** Not every year fits a telephone: the table shows what the plot marks on its axis. */
const years = computed(() => {
  const count = choice.value.lines[0]?.costs.length ?? 0
  const step = count > 8 ? Math.ceil((count - 1) / 6) : 1
  const some = Array.from({ length: count }, (_, year) => year).filter((year) => year % step === 0)
  return some.at(-1) === count - 1 || count === 0 ? some : [...some, count - 1]
})
</script>

<template>
  <section class="card what-if" aria-label="Costs over the years">
    <header class="row">
      <h2>Over the years, and what would turn it</h2>
      <button v-if="turned" type="button" class="link-button" @click="dials = {}">
        Back to the figures of this call
      </button>
    </header>
    <p v-if="turned" class="notice" role="status">
      What if: these figures are tried, not kept.
      <template v-if="first"
        ><strong>{{ routeTitle(first) }}</strong> would come first. {{ choice.why }}</template
      >
    </p>
    <div class="halves">
      <div>
        <template v-if="choice.lines.length">
          <CostPlot :lines="choice.lines" :currency="currency" />
          <div class="scroll" tabindex="0" role="region" aria-label="Costs by years">
            <table>
              <caption class="visually-hidden">
                What each way has cost after each year
              </caption>
              <thead>
                <tr>
                  <th scope="col">After years</th>
                  <th v-for="year in years" :key="year" scope="col" class="digits">{{ year }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="line in choice.lines" :key="line.route">
                  <th scope="row">{{ routeTitle(line.route) }}</th>
                  <td v-for="year in years" :key="year" class="digits">
                    {{ whole(line.costs[year]!) }}
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
        </template>
        <p v-else class="soft">
          No way has all its figures yet: a price, its power, and how long the fan runs.
        </p>
      </div>
      <div class="stack">
        <label v-for="scale in moving" :key="scale.id" class="dial">
          <span>{{ scale.title }}</span>
          <span class="digits">{{ scale.says(scale.value!) }}</span>
          <input
            type="range"
            min="0"
            :max="scale.most"
            :step="scale.step"
            :value="scale.value"
            :name="scale.id"
            :aria-valuetext="scale.says(scale.value!)"
            @input="move(scale.id, ($event.target as HTMLInputElement).value)"
          />
        </label>
        <div v-if="first" aria-live="polite">
          <h3>{{ routeTitle(first) }} comes first, until</h3>
          <ul v-if="turns.length" class="plain turns">
            <li v-for="turn in turns" :key="turn.key">
              {{ turn.when }}: <strong>{{ turn.to }}</strong>
            </li>
          </ul>
          <p v-else class="soft">
            nothing here turns it: no other way that is open and priced comes near.
          </p>
        </div>
        <div v-if="pairs.length">
          <h3>They have cost the same after</h3>
          <ul class="plain turns">
            <li v-for="pair in pairs" :key="pair.key">
              <span class="digits">{{ pair.years }}</span> years: {{ pair.names }}
            </li>
          </ul>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.what-if {
  display: grid;
  gap: 12px;
  min-width: 0;
}

header {
  justify-content: space-between;
}

.halves {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(260px, 1fr);
  gap: 24px;
}

.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 5px 8px;
  border-top: 1px solid var(--rule);
  text-align: right;
  white-space: nowrap;
}

th:first-child {
  text-align: left;
  font-weight: 650;
}

.dial {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 12px;
  font-weight: 650;
}

.dial input {
  grid-column: 1 / -1;
  width: 100%;
  height: var(--target);
  margin: 0;
  accent-color: var(--copper);
}

h3 {
  margin: 0 0 4px;
  font-size: 1rem;
}

.turns li {
  padding: 4px 0;
  border-top: 1px solid var(--rule);
}

@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
