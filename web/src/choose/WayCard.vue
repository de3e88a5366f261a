<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { catalogue } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { readNumber } from '../shared/number'
import type { Settings, Way } from '../api/types'

const props = defineProps<{
  way: Way
  settings: Settings
  recommended: boolean
  chosen: boolean
}>()
const emit = defineEmits<{
  offer: [offer: { partPrice: number; labourHours: number; leadDays: number }]
  choose: []
}>()

const WORDS: Record<Way['state'], string> = {
  OPEN: 'Open',
  CONDITIONAL: 'On conditions',
  BLOCKED: 'Blocked',
}

const route = computed(() => catalogue.value?.routes.find((one) => one.id === props.way.route))
const part = ref('')
const hours = ref('')
const days = ref('')
const fault = ref('')

/** What the fields showed when they last came from the server. */
let shown = ['', '', '']

watch(
  () => props.way.offer,
  (offer) => {
    const now = [
      offer ? String(offer.partPrice) : '',
      String(offer?.labourHours ?? route.value?.usualHours ?? 1),
      String(offer?.leadDays ?? 0),
    ]
    // An answer to an earlier entry must not take away what has been typed since.
    ;[part, hours, days].forEach((field, index) => {
      if (field.value === shown[index]) field.value = now[index]!
    })
    shown = now
  },
  { immediate: true },
)

function commit() {
  fault.value = ''
  if (part.value.trim() === '') return
  const [partPrice, labourHours, leadDays] = [part, hours, days].map(
    (field) => readNumber(field.value) ?? NaN,
  ) as [number, number, number]
  const good = (value: number, most: number) => value >= 0 && value <= most
  if (!good(partPrice, 1e6)) fault.value = 'Part: a number from 0 to 1000000.'
  else if (!good(labourHours, 200)) fault.value = 'Hours: a number from 0 to 200.'
  else if (!good(leadDays, 365)) fault.value = 'Days: a number from 0 to 365.'
  else {
    const old = props.way.offer
    const same =
      old?.partPrice === partPrice && old.labourHours === labourHours && old.leadDays === leadDays
    if (!same) emit('offer', { partPrice, labourHours, leadDays })
  }
}
</script>

<template>
  <article class="card way" :class="[way.state.toLowerCase(), { recommended }]">
    <header>
      <span class="state">
        <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
          <path v-if="way.state === 'OPEN'" class="line" d="M4 10l4 5 8-10" />
          <path v-else-if="way.state === 'CONDITIONAL'" class="line" d="M10 4v8M10 15.500v.5" />
          <path v-else class="line" d="M4 4l12 12M16 4L4 16" />
        </svg>
        {{ WORDS[way.state] }}
      </span>
      <strong v-if="recommended" class="tag">Recommended</strong>
    </header>
    <h2>{{ route?.title }}</h2>
    <p class="soft">{{ route?.detail }}</p>
    <ul v-if="way.reasons.length">
      <li v-for="reason in way.reasons" :key="reason.id" :class="{ blocks: reason.blocks }">
        {{ reason.sentence }}
      </li>
    </ul>
    <details v-if="way.loses.length">
      <summary>What is given up</summary>
      <ul>
        <li v-for="loss in way.loses" :key="loss">{{ loss }}</li>
      </ul>
    </details>
    <form v-if="way.state !== 'BLOCKED'" class="cost" @submit.prevent="commit">
      <label
        >Part, {{ settings.currency
        }}<input
          v-model="part"
          class="digits"
          name="partPrice"
          inputmode="decimal"
          @change="commit"
      /></label>
      <label
        >Hours<input
          v-model="hours"
          class="digits"
          name="labourHours"
          inputmode="decimal"
          @change="commit"
      /></label>
      <label
        >Days to get<input
          v-model="days"
          class="digits"
          name="leadDays"
          inputmode="decimal"
          @change="commit"
      /></label>
    </form>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <p v-if="way.state !== 'BLOCKED'" class="total">
      <template v-if="way.offer">
        <span class="digits">{{ money(way.offer.firstCost, settings.currency) }}</span>
        <span class="soft">
          {{ money(way.offer.partPrice, settings.currency) }} part +
          {{ money(way.offer.labour, settings.currency) }} labour{{
            way.offer.leadDays ? `, ${way.offer.leadDays} days` : ', today'
          }}
        </span>
      </template>
      <span v-else class="soft">Type the part's price to see the first cost.</span>
    </p>
    <p v-if="chosen" class="chosen"><strong>✓ Chosen</strong></p>
    <el-button
      v-else-if="way.state !== 'BLOCKED'"
      :type="recommended ? 'primary' : 'default'"
      @click="emit('choose')"
    >
      Choose this
    </el-button>
  </article>
</template>

<style scoped>
.way {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.cost {
  margin-top: auto;
}

.recommended {
  border: 2px solid var(--copper);
}

.blocked {
  background: var(--paper);
}

header {
  display: flex;
  justify-content: space-between;
}

.state {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 700;
}

.open .state {
  color: var(--good);
}

.conditional .state {
  color: var(--suspect);
}

.blocked .state {
  color: var(--failed);
}

.line {
  fill: none;
  stroke: currentcolor;
  stroke-width: 3;
  stroke-linecap: round;
}

.tag {
  color: var(--copper);
}

h2 {
  font-size: 1.3125rem;
}

ul {
  margin: 0;
  padding-left: 18px;
  font-size: 0.9375rem;
}

.blocks {
  font-weight: 650;
}

summary {
  min-height: 32px;
  cursor: pointer;
  font-weight: 650;
}

.cost {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1.1fr;
  gap: 10px;
}

label {
  display: grid;
  font-size: 0.875rem;
}

input {
  width: 100%;
  min-height: var(--target);
  border: 0;
  border-bottom: 2px solid var(--rule-strong);
  background: none;
  color: var(--ink);
  font-size: 1.125rem;
}

.total .digits {
  display: block;
  font-size: 1.75rem;
  font-weight: 650;
  line-height: 1.1;
}

.chosen {
  color: var(--good);
  font-size: 1.125rem;
}
</style>
