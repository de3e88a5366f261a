<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { get } from '../api/client'
import type { JobParts, NeedRow, PartRow } from '../api/types'
import { useCall } from '../call/call'
import { money } from '../shared/money'
import LoanItem from '../stock/LoanItem.vue'
import OrderItem from '../stock/OrderItem.vue'
import { useSaves } from '../stock/saves'
import { myVan } from '../stock/van'
import { buyTitle, kindTitle, placeName, stateTitle } from '../stock/words'
import { inWords } from '../shared/newest'

/** What the way that was chosen takes: from van and shelf, on order, missing; and what is lent. */
const { call } = useCall()
const parts = ref<JobParts | null>(null)
const stock = ref<PartRow[]>([])
const fault = ref('')
const currency = computed(() => call.value.settings.currency)

async function load() {
  try {
    const van = myVan.value ? `?van=${encodeURIComponent(myVan.value)}` : ''
    const [now, rows] = await Promise.all([
      get<JobParts>(`/api/calls/${call.value.id}/parts${van}`),
      get<PartRow[]>('/api/stock/parts'),
    ])
    parts.value = now
    stock.value = rows
    fault.value = ''
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
watch([call, myVan], load, { immediate: true })

const { save, refusal, unsent } = useSaves(() => void load())
const path = computed(() => `/api/calls/${call.value.id}`)
const idOf = (number: string) => stock.value.find((one) => one.part.number === number)?.id

function take(row: NeedRow) {
  for (const one of row.line?.takes ?? []) {
    const id = idOf(one.number)
    if (id) {
      void save(
        `/api/stock/parts/${id}/moves`,
        { reason: 'TAKEN', at: one.at, where: one.where, count: one.count, call: call.value.id },
        `Take ${one.number}`,
      )
    }
  }
}

function order(row: NeedRow) {
  const buy = row.line!.buy!
  const due = new Date(Date.now() + (buy.days ?? 0) * 86_400_000)
  void save(
    `${path.value}/orders`,
    {
      kind: row.need.kind,
      number: buy.number,
      name: buy.name,
      count: buy.count,
      price: buy.price,
      due:
        buy.days === undefined
          ? undefined
          : due.toLocaleDateString('sv', { timeZone: call.value.settings.timeZone }),
    },
    `Order ${buy.number}`,
  )
}

/** Put back where the part lies already, or onto the van. */
function putBack(id: string, number: string, count: number) {
  const there = stock.value.find((one) => one.id === id)?.places[0]
  const to =
    there ?? (myVan.value ? { at: 'VAN', where: myVan.value } : { at: 'SHELF', where: 'returned' })
  void save(
    `/api/stock/parts/${id}/moves`,
    { reason: 'PUT_BACK', at: to.at, where: to.where, count, call: call.value.id },
    `Put back ${number}`,
  )
}

const lending = ref(false)
const motors = computed(() =>
  stock.value
    .filter((one) => one.part.kind === 'MOTOR')
    .flatMap((one) => one.places.map((place) => ({ ...place, id: one.id, part: one.part }))),
)
const lent = ref('')
const key = (one: { id: string; at: string; where: string }) => `${one.id} ${one.at} ${one.where}`

function lend() {
  const one = motors.value.find((motor) => key(motor) === lent.value)
  if (!one) return
  lending.value = false
  void save(
    `${path.value}/loans`,
    { part: one.id, at: one.at, where: one.where },
    `Lend ${one.part.number}`,
  )
}

function state(row: NeedRow) {
  if (row.line) return stateTitle(row.line.state)
  return row.ordered ? 'On order' : row.arrived ? 'Arrived' : 'Taken'
}
</script>

<template>
  <section v-if="call.decisions.length" class="card stack" aria-label="Parts for this job">
    <header class="row">
      <h2>Parts for this job</h2>
      <span v-if="myVan" class="soft">van {{ myVan }} first</span>
      <router-link to="/stock" class="says">The stock</router-link>
    </header>
    <p v-if="fault" class="notice">
      {{ fault }} What is needed and where it lies is not known without the shop’s server.
      <button type="button" class="link-button" @click="load">Try again</button>
    </p>
    <p v-else-if="!parts" class="soft" role="status">Looking where it lies…</p>
    <template v-if="parts">
      <p v-if="!parts.needs.length" class="soft">This way takes no part that is kept or ordered.</p>
      <ul class="plain needs">
        <li v-for="(row, at) in parts.needs" :key="at" class="need">
          <span class="state" :class="row.line?.state.toLowerCase() ?? 'done'">{{
            state(row)
          }}</span>
          <div>
            <p>
              <strong
                >{{ row.need.count > 1 ? `${row.need.count} × ` : ''
                }}{{ row.need.number ?? kindTitle(row.need.kind) }}</strong
              >{{ ' '
              }}<span v-if="row.need.words !== kindTitle(row.need.kind)" class="soft">{{
                row.need.words
              }}</span>
            </p>
            <p v-if="row.line">
              {{ row.line.sentence }}
              <template v-if="row.line.price !== undefined && row.line.state !== 'ASK'">{{
                money(row.line.price, currency)
              }}</template>
            </p>
            <p v-if="row.line?.buy" class="soft">
              {{ buyTitle(row.line.buy, currency) }}
            </p>
            <p v-if="row.taken || row.ordered || row.arrived" class="soft">
              {{
                [
                  row.taken && `${row.taken} taken`,
                  row.ordered && `${row.ordered} on order`,
                  row.arrived && `${row.arrived} arrived`,
                ]
                  .filter(Boolean)
                  .join(', ')
              }}
            </p>
            <p class="row">
              <button
                v-if="row.line?.takes.length"
                type="button"
                class="quiet-button"
                @click="take(row)"
              >
                Take {{ row.line.takes.length > 1 || row.line.takes[0]!.count > 1 ? 'them' : 'it' }}
                <span class="visually-hidden">: {{ row.need.words }}</span>
              </button>
              <button v-if="row.line?.buy" type="button" class="quiet-button" @click="order(row)">
                It is ordered<span class="visually-hidden">: {{ row.need.words }}</span>
              </button>
            </p>
          </div>
        </li>
      </ul>
      <p v-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
      <p v-if="unsent" class="soft">Waits for the radio.</p>
      <p v-for="one in parts.taken" :key="one.id" class="row">
        <span>{{ one.count }} × {{ one.number }} taken for this call</span>
        <button type="button" class="link-button" @click="putBack(one.id, one.number, one.count)">
          Put it back
        </button>
      </p>
      <OrderItem
        v-for="row in parts.orders"
        :key="row.order.id + row.order.state + row.order.due"
        :row="row"
        @changed="load"
      />
      <LoanItem v-for="row in parts.loans" :key="row.loan.id" :row="row" @changed="load" />
      <template v-if="parts.mayLend">
        <p class="notice">
          {{
            parts.loaner ??
            'The part takes days, and no other heat or cooling is known in the building: a fixed-speed motor can be lent until then.'
          }}
          Heat must never come on without its air: wire a loaner by its plan, and prove every call.
        </p>
        <p v-if="!lending" class="row">
          <button type="button" class="quiet-button" @click="lending = true">Lend a motor</button>
        </p>
        <form v-else class="stack" aria-label="Lend a motor" @submit.prevent="lend">
          <label v-for="one in motors" :key="key(one)" class="tick">
            <input v-model="lent" type="radio" name="lent" :value="key(one)" />
            <span
              ><strong>{{ one.part.number }}</strong> {{ one.part.name }}
              <span class="soft">on {{ placeName(one.at, one.where) }}</span></span
            >
          </label>
          <p v-if="!motors.length" class="soft">No motor lies in the stock.</p>
          <p class="row">
            <button type="submit" class="quiet-button" :disabled="!lent">
              It goes out on loan
            </button>
            <button type="button" class="link-button" @click="lending = false">Not yet</button>
          </p>
        </form>
      </template>
    </template>
  </section>
</template>

<style scoped>
.need {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 4px 14px;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}

.state {
  font-weight: 700;
  color: var(--good);
}

.state.order,
.state.ask {
  color: var(--suspect);
}

.state.missing {
  color: var(--failed);
}

@media (max-width: 719px) {
  .need {
    grid-template-columns: 1fr;
  }
}
</style>
