<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '../api/client'
import type { LoanRow, OrderRow, Suspect, Week } from '../api/types'
import CallLine from '../calls/CallLine.vue'
import { catalogue, loadCatalogue, routeTitle, suspectTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { counted } from '../shared/number'
import OptionGroup from '../shared/OptionGroup.vue'
import { day } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import LoanItem from '../stock/LoanItem.vue'
import OrderItem from '../stock/OrderItem.vue'
import { byStand, inVain, lines, mistakes, right } from './week'
import { inWords } from '../shared/newest'

/** What a lead looks at once a week: each figure leads to the calls behind it. */
const week = ref<Week | null>(null)
const orders = ref<OrderRow[]>([])
const loans = ref<LoanRow[]>([])
const fault = ref('')
const days = ref(90)
const BACK = [30, 90, 365].map((value) => ({ value, label: `${value} days` }))

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    const [read, ordered, lent] = await Promise.all([
      get<Week>(`/api/week?days=${days.value}`),
      get<OrderRow[]>('/api/orders'),
      get<LoanRow[]>('/api/loans'),
    ])
    orders.value = ordered
      .filter((one) => one.order.state === 'ORDERED')
      .sort((a, b) => (a.order.due ?? '9').localeCompare(b.order.due ?? '9'))
    loans.value = lent.filter((one) => !one.loan.back)
    week.value = read
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

function reach(back: number | undefined) {
  days.value = back ?? days.value
  void load()
}

const told = computed(() => (week.value ? lines(week.value, orders.value, loans.value) : []))
const stands = computed(() => byStand(week.value?.calls ?? []))
const standTitle = (id: string) =>
  catalogue.value?.stands.find((one) => one.id === id)?.title ?? 'Nobody touched it since'
const score = computed(() => right(week.value?.turned ?? []))
const wrong = computed(() => mistakes(week.value?.turned ?? []))
const bought = computed(() => (week.value?.turned ?? []).filter((one) => one.bought))
const sums = computed(() =>
  Object.entries(inVain(week.value?.turned ?? [])).map(([currency, sum]) => money(sum, currency)),
)
const named = (suspects: readonly Suspect[]) => suspects.map(suspectTitle).join(' and ')
</script>

<template>
  <TopBar title="The week" />
  <main class="page week">
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <p v-else-if="!week" class="soft" role="status">Reading…</p>
    <template v-else>
      <ul class="plain told" aria-label="The week in figures">
        <li v-for="one in told" :key="one.to" :class="{ calls: one.calls }">
          <a :href="`#${one.to}`">
            <strong class="digits">{{ one.figure }}</strong> <span>{{ one.sentence }}</span>
          </a>
        </li>
      </ul>
      <section id="open" class="card stack" aria-label="Open calls">
        <h2>Open calls</h2>
        <p class="soft">
          Neither repaired, handed over nor ended; touched in the last {{ week.asleep }} days.
          <template v-if="week.open > week.calls.length">
            The first {{ week.calls.length }} of {{ week.open }}.
          </template>
        </p>
        <details
          v-for="[place, calls] in stands"
          :key="place"
          class="fold"
          :open="stands.length < 3"
        >
          <summary>
            <h3>{{ standTitle(place) }}</h3>
            <span class="soft digits">{{ calls.length }}</span>
          </summary>
          <ul class="plain">
            <CallLine v-for="row in calls" :key="row.id" :row="row" />
          </ul>
        </details>
        <p v-if="!week.calls.length" class="soft">None is open.</p>
      </section>
      <section v-if="orders.length" id="parts" class="card stack">
        <h2>Parts on order</h2>
        <OrderItem v-for="row in orders" :key="row.order.id" :row="row" where @changed="load" />
      </section>
      <section v-if="loans.length" id="loaners" class="card stack">
        <h2>Loaners out</h2>
        <LoanItem v-for="row in loans" :key="row.loan.id" :row="row" where @changed="load" />
      </section>
      <section v-if="week.bypassed.length" id="bypassed" class="card stack">
        <h2>Past the drive</h2>
        <p class="soft">
          In bypass a motor runs at full speed all the time: for days only, with its amps checked.
        </p>
        <ul class="plain">
          <li v-for="one in week.bypassed" :key="one.id">
            <router-link :to="`/calls/${one.id}/fit`"
              >{{ one.place }}, {{ one.unitName }}</router-link
            >:
            <strong :class="{ late: !one.due || one.due < week.today }">{{
              one.due ? `until ${day(one.due)}` : 'no end was said'
            }}</strong>
          </li>
        </ul>
      </section>
      <section v-if="week.claims.length" id="claims" class="card stack">
        <h2>Warranties</h2>
        <ul class="plain">
          <li v-for="one in week.claims" :key="one.call">
            <router-link :to="`/calls/${one.call}/choose`"
              >{{ one.place }}, {{ one.unitName }}</router-link
            >: {{ one.sentence }}
          </li>
        </ul>
      </section>
      <section class="card stack back" aria-label="How far back">
        <OptionGroup
          :model-value="days"
          title="Comebacks and outcomes of the last"
          :options="BACK"
          tight
          required
          @update:model-value="reach"
        />
      </section>
      <section v-if="week.comebacks.length" id="comebacks" class="card stack">
        <h2>Came back</h2>
        <ul class="plain">
          <li v-for="one in week.comebacks" :key="one.call">
            <router-link :to="`/units/${one.call}`">{{ one.place }}, {{ one.unitName }}</router-link
            >: {{ one.sentence }}
            <router-link :to="`/calls/${one.earlier}/hand-over`"
              >What the earlier one turned out to be</router-link
            >
          </li>
        </ul>
      </section>
      <section id="turned" class="card stack">
        <h2>What was said, and what it was</h2>
        <p v-if="!week.turned.length" class="soft">
          Nobody said yet what a call turned out to be: “Was it that?” at Hand over asks.
        </p>
        <template v-else>
          <p v-if="score.of">
            <strong class="digits">{{ score.right }} of {{ score.of }}</strong> were what had been
            said.
          </p>
          <svg
            v-if="score.of"
            class="score"
            viewBox="0 0 100 6"
            preserveAspectRatio="none"
            aria-hidden="true"
          >
            <rect class="no" width="100" height="6" />
            <rect class="yes" :width="(100 * score.right) / score.of" height="6" />
          </svg>
          <ul v-if="wrong.length" class="plain">
            <li v-for="pair in wrong" :key="`${pair.said} ${pair.found}`">
              <strong class="digits">{{ pair.calls.length }} ×</strong> said {{ named(pair.said) }},
              was {{ named(pair.found) }}:
              <router-link
                v-for="call in pair.calls"
                :key="call.call"
                class="each"
                :to="`/calls/${call.call}/hand-over`"
                >{{ call.place }}</router-link
              >
            </li>
          </ul>
          <template v-if="bought.length">
            <h3>Bought in vain{{ sums.length ? `: ${sums.join(', ')} with its labour` : '' }}</h3>
            <ul class="plain">
              <li v-for="one in bought" :key="one.call">
                <router-link :to="`/calls/${one.call}/hand-over`"
                  >{{ one.place }}, {{ one.unitName }}</router-link
                >: {{ one.chosen ? routeTitle(one.chosen) : '' }},
                {{
                  one.firstCost === undefined || !one.currency
                    ? 'no price was known'
                    : money(one.firstCost, one.currency)
                }}; it was {{ named(one.found) }}.
                <span v-if="one.note">“{{ one.note }}”</span>
                <span class="soft"> {{ one.by }}, {{ day(one.at) }}</span>
              </li>
            </ul>
          </template>
          <p class="row">
            <router-link class="says" to="/learnt">What was learnt of it</router-link>
          </p>
        </template>
      </section>
      <p class="row">
        <a :href="`/api/week/calls?days=${days}`" download>The calls behind the figures (CSV)</a>
        <span class="soft">{{ counted(week.turned.length, 'outcome') }} in {{ days }} days</span>
      </p>
    </template>
  </main>
</template>

<style scoped>
.week {
  display: grid;
  gap: 14px;
  max-width: 980px;
}

.told {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(290px, 1fr));
  gap: 4px 28px;
}

.told a {
  display: grid;
  grid-template-columns: 2.6em 1fr;
  gap: 10px;
  align-items: baseline;
  min-height: var(--target);
  border-bottom: 1px dotted var(--rule-strong);
  color: var(--ink);
  text-decoration: none;
}

.told a:hover span {
  text-decoration: underline;
}

.told strong {
  font-size: 1.7rem;
  text-align: right;
}

.told .calls strong {
  color: var(--copper);
}

.card > ul > li {
  padding: 7px 0;
  border-top: 1px dotted var(--rule-strong);
}

h3 {
  font-size: 1rem;
}

.late {
  color: var(--failed);
}

.each + .each::before {
  content: ', ';
}

.score {
  width: 100%;
  max-width: 420px;
  height: 14px;
}

.score .no {
  fill: var(--failed-soft);
}

.score .yes {
  fill: var(--good);
}
</style>
