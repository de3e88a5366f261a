<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { request } from '../api/client'
import type { Heard, Offer, PartKind, Reason, Route } from '../api/types'
import AskedHere from '../hear/AskedHere.vue'
import { useCall } from '../call/call'
import { routeTitle } from '../catalogue/catalogue'
import { useKeys } from '../keys/keys'
import { money } from '../shared/money'
import { counted } from '../shared/number'
import SupplyLine from '../stock/SupplyLine.vue'
import ChooseForm from './ChooseForm.vue'
import { provideChoice, sorted } from './choice'
import CustomerAnswer from './CustomerAnswer.vue'
import ConversionSheet from './ConversionSheet.vue'
import DecisionLog from './DecisionLog.vue'
import FindPart from './FindPart.vue'
import JobParts from './JobParts.vue'
import MotorFits from './MotorFits.vue'
import PriceForm from './PriceForm.vue'
import WayTable from './WayTable.vue'
import WhatIf from './WhatIf.vue'

const { call, refusal, offer, found, decide, tell, toldLast, checks, load: readCall } = useCall()
const { choice, fault, turned, load } = provideChoice()
const router = useRouter()

const emit = defineEmits<{ help: [] }>()

/** While figures are tried, the table stays with those of the call. */
const ways = computed(() =>
  sorted(turned.value || !choice.value ? call.value.ways : choice.value.ways),
)
const decision = computed(() => call.value.decisions[0])
const settled = computed(
  () =>
    call.value.diagnosis.verdict.state === 'DECIDED' ||
    call.value.diagnosis.verdict.remedy.state === 'SETTLED',
)
const currency = computed(() => call.value.settings.currency)
const market = computed(() => choice.value?.market)

/** The way whose price is typed, whose part is looked for, or that is about to be chosen. */
const pricing = ref<Route | null>(null)
const finding = ref<Route | null>(null)
const choosing = ref<Route | null>(null)
const wayOf = (route: Route | null) => call.value.ways.find((one) => one.route === route)
const panel = ref<HTMLElement | null>(null)
const asked = ref<InstanceType<typeof AskedHere> | null>(null)
const motors = ref<InstanceType<typeof MotorFits> | null>(null)

async function toPanel() {
  await nextTick()
  panel.value?.scrollIntoView({ block: 'center' })
  panel.value?.querySelector<HTMLElement>('input, button')?.focus({ preventScroll: true })
}

function only(panel: typeof pricing, route: Route) {
  for (const one of [pricing, finding, choosing]) one.value = null
  panel.value = route
  void toPanel()
}
const price = (route: Route) => only(pricing, route)
const find = (route: Route) => only(finding, route)
const choose = (route: Route) => only(choosing, route)

function keepPart(kind: PartKind, number: string) {
  void found(finding.value!, kind, number)
  finding.value = null
}

/** The supply house is asked anew for what the ways may take; what is known stands meanwhile. */
const heard = ref<Heard | null>(null)
const asking = ref(false)
async function ask() {
  asking.value = true
  try {
    heard.value = await request<Heard>('POST', `/api/calls/${call.value.id}/asking`)
    if (heard.value.line === 'GOOD' || heard.value.line === 'SLOW') await readCall()
  } catch {
    // Without radio the call says so already.
  }
  asking.value = false
}
onMounted(ask)

function keepPrice(given: Offer) {
  void offer(given)
  pricing.value = null
}

function choseIt(how: { candidate?: string; done: string[] }) {
  if (choosing.value) void decide(choosing.value, how)
  choosing.value = null
}

/** One touch to what lifts a condition. */
function open(reason: Reason) {
  const { kind, target } = reason.opener!
  if (kind === 'PROVE') void router.push(`/calls/${call.value.id}/prove`)
  if (kind === 'READING') {
    const check = checks.value.find((one) => one.facts.includes(target))
    void router.push({
      path: `/calls/${call.value.id}/prove`,
      query: check ? { check: check.id } : {},
    })
  }
  if (kind === 'ASK') void asked.value?.ask(target, reason.sentence)
  if (kind === 'MOTORS')
    (motors.value?.$el as HTMLElement | undefined)?.scrollIntoView({ block: 'start' })
  if (kind === 'HABIT') void router.push({ path: '/shop', hash: '#habits' })
}

function settle(reason: Reason, on: boolean) {
  const others = (toldLast.value.agreed ?? []).filter((one) => one !== reason.id)
  void tell({ ...toldLast.value, agreed: on ? [...others, reason.id] : others })
}

const MISSING: Record<string, string> = {
  airflowCfm: 'the air that the fan moves',
  yearsAhead: 'how long the unit is to last',
  variableWatts: 'the power of a variable-speed motor',
  fanHoursPerYear: 'how many hours it runs',
  energyPerKwh: 'the price of energy',
}
const ASKED_AS: Record<string, string> = {
  airflowCfm: 'running.airflowCfm',
  yearsAhead: 'running.yearsAhead',
  variableWatts: 'running.variableWatts',
  fanHoursPerYear: 'running.hoursPerYear',
}
const missing = computed(() => choice.value?.missing ?? [])
function askMissing() {
  for (const one of missing.value) {
    if (ASKED_AS[one])
      void asked.value?.ask(ASKED_AS[one], 'to reckon what it costs over the years')
  }
}

useKeys({ help: () => emit('help') })
</script>

<template>
  <div class="choose">
    <p class="verdict">
      <strong>{{ call.diagnosis.verdict.sentence }}</strong>
    </p>
    <p v-if="!settled" class="notice">
      The fault is not proved yet. Ordering now is a guess; parts are dear and seldom go back.
      <router-link :to="`/calls/${call.id}/prove`">Back to Prove</router-link>
    </p>
    <DecisionLog />
    <JobParts v-if="!call.practice" />
    <p v-if="refusal" class="notice failed" role="alert">
      {{ refusal.label }}: {{ refusal.refusal.message }}
    </p>
    <section v-if="call.recommended" class="first" aria-label="What comes first">
      <h2>{{ routeTitle(call.recommended) }} <span>comes first</span></h2>
      <p>{{ call.why }}</p>
      <p v-if="choice?.loan" class="loan">{{ choice.loan }}</p>
    </section>
    <WayTable
      :ways="ways.left"
      :recommended="call.recommended"
      :chosen="decision?.route"
      :currency="currency"
      :years="turned ? undefined : market?.yearsAhead"
      @price="price"
      @find="find"
      @choose="choose"
      @open="open"
      @settle="settle"
    />
    <div ref="panel">
      <PriceForm
        v-if="pricing && wayOf(pricing)"
        :key="pricing"
        :way="wayOf(pricing)!"
        :currency="currency"
        @keep="keepPrice"
        @close="pricing = null"
      />
      <FindPart
        v-if="finding && wayOf(finding)"
        :key="finding"
        :way="wayOf(finding)!"
        @found="keepPart"
        @type="price(finding)"
        @close="finding = null"
      />
      <ChooseForm
        v-if="choosing && wayOf(choosing)"
        :key="choosing"
        :way="wayOf(choosing)!"
        :fits="choice?.motors ?? []"
        @decide="choseIt"
        @close="choosing = null"
      />
    </div>
    <p class="soft figures">
      Labour {{ money(call.settings.labourPerHour, currency) }} an hour<template
        v-if="market?.energyPerKwh !== undefined"
        >, energy {{ market.energyPerKwh }} {{ currency }} a kWh</template
      ><template v-if="market?.fanHoursPerYear !== undefined"
        >, {{ market.fanHoursPerYear }} hours a year</template
      ><template v-if="market?.airflowCfm !== undefined">, {{ market.airflowCfm }} cfm</template
      ><template v-if="market?.yearsAhead !== undefined"
        >, {{ counted(market.yearsAhead, 'year') }} ahead</template
      >.
      <template v-if="missing.length">
        Costs over the years wait for {{ missing.map((one) => MISSING[one]).join(', ') }}.
        <button
          v-if="missing.some((one) => ASKED_AS[one])"
          type="button"
          class="link-button"
          @click="askMissing"
        >
          Answer it
        </button>
      </template>
      <router-link to="/shop">The shop's figures</router-link>
    </p>
    <SupplyLine
      v-if="asking || heard?.parts.length || heard?.line !== 'GOOD'"
      :heard="heard"
      :asking="asking"
      @again="ask"
    />
    <CustomerAnswer v-if="!call.practice" />
    <AskedHere ref="asked" stage="CHOOSE" />
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <template v-if="choice">
      <MotorFits ref="motors" />
      <WhatIf />
      <ConversionSheet />
    </template>
    <details v-if="ways.blocked.length" class="card fold">
      <summary>
        <h2>Blocked</h2>
        <span class="soft">{{ ways.blocked.map((one) => routeTitle(one.route)).join(', ') }}</span>
      </summary>
      <dl>
        <template v-for="way in ways.blocked" :key="way.route">
          <dt>{{ routeTitle(way.route) }}</dt>
          <dd v-for="reason in way.reasons.filter((one) => one.blocks)" :key="reason.id">
            {{ reason.sentence }}
            <button v-if="reason.opener" type="button" class="link-button" @click="open(reason)">
              {{ reason.opener.title }}
            </button>
          </dd>
        </template>
      </dl>
    </details>
    <p class="soft">
      Licensed work, local code and the unit's own literature rule. Changing the fan of a
      fuel-burning unit can void its listing.
    </p>
  </div>
</template>

<style scoped>
.choose {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}

.verdict {
  font-size: 1.0625rem;
}

.first {
  padding-left: 14px;
  border-left: 5px solid var(--copper);
}

.first h2 {
  font-size: 1.5rem;
  line-height: 1.15;
}

.first h2 span {
  font-weight: 400;
}

.loan {
  margin-top: 4px;
  font-weight: 650;
}

dl {
  margin: 8px 0 0;
}

dt {
  margin-top: 10px;
  font-weight: 650;
}

dd {
  margin: 0;
}
</style>
