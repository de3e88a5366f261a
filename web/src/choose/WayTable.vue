<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Reason, Route, Way } from '../api/types'
import { catalogue, routeTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { counted } from '../shared/number'
import { sourceTitle } from '../stock/words'
import WayReason from './WayReason.vue'

/** The ways that can be gone, side by side: the same figures of each in the same row. */
const props = defineProps<{
  ways: Way[]
  recommended: Route | undefined
  chosen: Route | undefined
  currency: string
  years: number | undefined
}>()
const emit = defineEmits<{
  price: [route: Route]
  find: [route: Route]
  choose: [route: Route]
  open: [reason: Reason]
  settle: [reason: Reason, on: boolean]
}>()

const WORDS: Record<Way['state'], string> = {
  OPEN: 'Open',
  CONDITIONAL: 'On conditions',
  BLOCKED: 'Blocked',
}
const first = computed(() => props.ways[0])
const detail = (route: Route) => catalogue.value?.routes.find((one) => one.id === route)?.detail
const cost = (amount: number | undefined) =>
  amount === undefined ? undefined : money(amount, props.currency)

/** How much more, or less, than the first way. */
function more(way: Way, of: (way: Way) => number | undefined): string {
  const mine = of(way)
  const its = first.value && of(first.value)
  if (way === first.value || mine === undefined || its === undefined) return ''
  const by = Math.round(mine - its)
  return by === 0 ? 'the same' : `${by > 0 ? '+' : '−'}${money(Math.abs(by), props.currency)}`
}
/** Whether its part was found for it, and not only a motor of the list. */
const isFound = (way: Way) => way.sourced?.route === way.route

const days = (way: Way) =>
  way.daysWithout === undefined
    ? undefined
    : way.daysWithout === 0
      ? 'Today'
      : counted(way.daysWithout, 'day')
const taxed = (way: Way) =>
  way.firstCost === undefined || way.tax === undefined ? undefined : way.firstCost + way.tax

/** Where a row would only say again what stands above it, it is left out. */
const steps = computed(() => props.ways.some((way) => way.plan.length > 1))

/** On a telephone one way is shown at a time; the strip above keeps the others in sight. */
const picked = ref<Route | null>(null)
const at = computed(() =>
  props.ways.some((way) => way.route === picked.value) ? picked.value : first.value?.route,
)
const column = (way: Way) => ({ first: way === first.value, aside: way.route !== at.value })
</script>

<template>
  <div class="side-by-side">
    <nav class="strip" aria-label="Ways">
      <button
        v-for="way in ways"
        :key="way.route"
        type="button"
        class="quiet-button"
        :aria-pressed="way.route === at"
        @click="picked = way.route"
      >
        <span>{{ routeTitle(way.route) }}</span>
        <span class="digits soft">{{ cost(way.firstCost) ?? 'no price' }}</span>
      </button>
    </nav>
    <div class="frame" tabindex="0" role="region" aria-label="Ways side by side">
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="way in ways" :key="way.route" scope="col" :class="column(way)">
              <span class="state" :class="way.state.toLowerCase()">
                <svg width="18" height="18" viewBox="0 0 20 20" aria-hidden="true">
                  <path v-if="way.state === 'OPEN'" d="M4 10l4 5 8-10" />
                  <path v-else d="M10 4v8M10 15.500v.5" />
                </svg>
                {{ WORDS[way.state] }}
                <strong v-if="way.route === recommended" class="tag">Comes first</strong>
              </span>
              <span class="title">{{ routeTitle(way.route) }}</span>
              <span class="soft">{{ detail(way.route) }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">First cost</th>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <span v-if="way.firstCost !== undefined" class="digits large">{{
                cost(way.firstCost)
              }}</span>
              <span class="digits soft">{{ more(way, (one) => one.firstCost) }}</span>
              <ul v-if="way.firstCost !== undefined" class="plain list soft">
                <li v-for="part in way.parts" :key="part.what" class="row">
                  <span>{{ part.what }}</span>
                  <span class="digits">{{ cost(part.price) ?? 'no price' }}</span>
                </li>
                <li class="row">
                  <span>Labour</span><span class="digits">{{ cost(way.labour) }}</span>
                </li>
                <li v-if="taxed(way) !== undefined" class="row">
                  <span>With tax</span><span class="digits">{{ cost(taxed(way)) }}</span>
                </li>
              </ul>
              <span v-if="way.sourced" class="soft">{{ sourceTitle(way.sourced) }}</span>
              <span v-else-if="way.candidate" class="soft">{{ way.candidate }}</span>
              <span v-if="way.typed?.partPrice !== undefined" class="soft">as typed</span>
              <span v-if="way.firstCost === undefined" class="soft">Price to come</span>
              <button
                v-if="way.firstCost === undefined || isFound(way)"
                type="button"
                class="link-button"
                @click="emit('find', way.route)"
              >
                {{ isFound(way) ? 'Another part' : 'Find the part'
                }}<span class="visually-hidden">, {{ routeTitle(way.route) }}</span>
              </button>
              <button
                v-if="way.firstCost !== undefined"
                type="button"
                class="link-button"
                @click="emit('price', way.route)"
              >
                Change the price<span class="visually-hidden">, {{ routeTitle(way.route) }}</span>
              </button>
            </td>
          </tr>
          <tr>
            <th scope="row">Working again</th>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <span v-if="days(way)" class="digits">{{ days(way) }}</span>
              <span v-else class="soft">not said</span>
              <span v-if="way.bridge" class="soft">
                {{ routeTitle(way.bridge.route) }} meanwhile,
                {{
                  way.bridge.firstCost === undefined
                    ? 'price not said'
                    : `${cost(way.bridge.firstCost)} in and out`
                }}<template v-if="way.bridge.until">, to {{ way.bridge.until }}</template>
              </span>
            </td>
          </tr>
          <tr>
            <th scope="row">
              {{ years === undefined ? 'Over the years' : `Over ${counted(years, 'year')}` }}
            </th>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <template v-if="way.totalCost !== undefined">
                <span class="digits large">{{ cost(way.totalCost) }}</span>
                <span class="digits soft">{{ more(way, (one) => one.totalCost) }}</span>
              </template>
              <span v-else class="soft">not known</span>
              <span v-if="way.energyPerYear !== undefined" class="soft">
                {{ cost(way.energyPerYear) }} of energy a year
              </span>
            </td>
          </tr>
          <tr v-if="steps">
            <th scope="row">What is done</th>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <ol v-if="way.plan.length > 1">
                <li v-for="step in way.plan" :key="step">{{ step }}</li>
              </ol>
              <span v-else>{{ way.plan[0] }}</span>
            </td>
          </tr>
          <tr>
            <th scope="row">Waits for</th>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <WayReason
                v-for="reason in way.reasons"
                :key="reason.id"
                :reason="reason"
                @open="emit('open', reason)"
                @settle="emit('settle', reason, true)"
              />
              <WayReason
                v-for="reason in way.met"
                :key="reason.id"
                :reason="reason"
                met
                @settle="emit('settle', reason, false)"
              />
              <span v-if="!way.reasons.length && !way.met.length" class="soft">nothing</span>
            </td>
          </tr>
          <tr>
            <th scope="row">Given up</th>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <ul v-if="way.loses.length">
                <li v-for="loss in way.loses" :key="loss">{{ loss }}</li>
              </ul>
              <span v-else class="soft">nothing</span>
            </td>
          </tr>
          <tr class="act">
            <td></td>
            <td v-for="way in ways" :key="way.route" :class="column(way)">
              <strong v-if="chosen === way.route" class="chosen">✓ Chosen</strong>
              <button
                v-else
                type="button"
                :class="way.route === recommended ? 'main-button' : 'quiet-button'"
                :aria-label="`Choose this: ${routeTitle(way.route)}`"
                @click="emit('choose', way.route)"
              >
                Choose this
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.list {
  margin: 0;
  padding: 0;
}

.list .row {
  justify-content: space-between;
  gap: 10px;
}

.frame {
  overflow-x: auto;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--card);
  box-shadow: var(--shadow);
}

.strip {
  display: none;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 10px 14px;
  vertical-align: top;
  text-align: left;
  font-weight: 400;
  border-left: 1px solid var(--rule);
}

tbody tr {
  border-top: 1px solid var(--rule);
}

thead th,
tbody td {
  min-width: 190px;
}

thead td,
tbody th,
tbody td:first-child {
  position: sticky;
  left: 0;
  z-index: 1;
  width: 108px;
  min-width: 108px;
  border-left: 0;
  background: var(--paper);
  font-weight: 650;
}

thead th.first {
  box-shadow: inset 0 4px 0 var(--copper);
}

th .title {
  display: block;
  font-size: 1.25rem;
  font-weight: 700;
  line-height: 1.2;
}

td > span,
th > span {
  display: block;
}

.state {
  display: flex !important;
  align-items: center;
  gap: 6px;
  font-weight: 700;
  white-space: nowrap;
}

.state.open {
  color: var(--good);
}

.state.conditional {
  color: var(--suspect);
}

.state path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 3;
  stroke-linecap: round;
}

.tag {
  margin-left: auto;
  color: var(--copper);
}

.large {
  font-size: 1.5rem;
  font-weight: 650;
  line-height: 1.15;
}

ul,
ol {
  margin: 0;
  padding-left: 18px;
}

.link-button {
  min-height: 32px;
  text-align: left;
}

.chosen {
  display: inline-block;
  padding: 8px 0;
  color: var(--good);
  font-size: 1.125rem;
}

@media (max-width: 719px) {
  .strip {
    position: sticky;
    z-index: 5;
    top: 0;
    display: flex;
    gap: 6px;
    margin: 0 -16px;
    padding: 6px 16px;
    overflow-x: auto;
    background: var(--paper);
  }

  .strip .quiet-button {
    flex: 0 0 auto;
    display: grid;
    padding: 4px 10px;
    text-align: left;
    font-size: 0.9375rem;
    line-height: 1.2;
  }

  .strip [aria-pressed='true'] {
    border-color: var(--copper);
    box-shadow: inset 0 3px 0 var(--copper);
  }

  .aside {
    display: none;
  }

  thead th,
  tbody td {
    padding: 8px 12px;
  }

  thead td,
  tbody th,
  tbody td:first-child {
    width: 82px;
    min-width: 82px;
    padding: 8px;
    font-size: 0.875rem;
  }

  .link-button {
    min-height: var(--target);
  }
}
</style>
