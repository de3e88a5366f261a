<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { get, request } from '../api/client'
import type { FoundParts, FoundRow, Move, Moved, PartRow, SettingsInForce } from '../api/types'
import { loadCatalogue } from '../catalogue/catalogue'
import OptionGroup from '../shared/OptionGroup.vue'
import FigureInput from '../shared/FigureInput.vue'
import { money } from '../shared/money'
import { readNumber } from '../shared/number'
import { ago } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import PartForm from './PartForm.vue'
import { useSaves } from './saves'
import StockTabs from './StockTabs.vue'
import {
  keyTitle,
  kindTitle,
  placeKey,
  placeName,
  placeOf,
  placesOf,
  quoteTitle,
  ratedTitle,
  reasonTitle,
} from './words'
import { inWords } from '../shared/newest'

/** One part: where how many lie, what came and went, and what the supply house says of it. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const row = ref<PartRow | null>(null)
const others = ref<FoundRow[]>([])
const moves = ref<Moved[]>([])
const places = ref<string[]>([])
const currency = ref('USD')
const fault = ref('')
const editing = ref(false)

const { save, refusal, unsent } = useSaves<PartRow>((now) => {
  row.value = now
  doing.value = null
  void history()
})

async function history() {
  moves.value = await get<Moved[]>(`/api/stock/parts/${props.id}/moves`).catch(() => moves.value)
}

function show(rows: PartRow[]) {
  row.value = rows.find((one) => one.id === props.id) ?? null
  places.value = placesOf(rows)
  editing.value = false
}

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    currency.value = (await get<SettingsInForce>('/api/shop/settings')).settings.currency
    show(await get<PartRow[]>('/api/stock/parts'))
    if (!row.value) fault.value = 'There is no such part any more.'
    else {
      await history()
      const q = encodeURIComponent(row.value.part.number)
      others.value = (await get<FoundParts>(`/api/stock/find?q=${q}`)).parts
    }
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
onMounted(load)

const quote = computed(() => others.value.find((one) => one.id === props.id)?.found.quote)
const successors = computed(() => others.value.filter((one) => one.found.how === 'SUCCESSOR'))
const total = computed(() => (row.value?.places ?? []).reduce((sum, one) => sum + one.count, 0))

/** What is being told of its count. */
type Doing = 'COUNTED' | 'RECEIVED' | 'MOVED'
const DOING: { value: Doing; label: string }[] = [
  { value: 'COUNTED', label: 'I counted' },
  { value: 'RECEIVED', label: 'Some came in' },
  { value: 'MOVED', label: 'I moved some' },
]
const doing = ref<Doing | null>(null)
const count = ref('')
const place = ref('')
const newAt = ref<'VAN' | 'SHELF'>('SHELF')
const newWhere = ref('')
const from = ref('')
const mistyped = ref('')

const OTHER = 'another'
const mine = computed(() => (row.value?.places ?? []).map(placeKey))

function begin(what: Doing | undefined) {
  doing.value = what ?? null
  mistyped.value = ''
  refusal.value = null
  place.value = mine.value[0] ?? places.value[0] ?? OTHER
  from.value = mine.value[0] ?? ''
  if (what === 'MOVED') place.value = places.value.find((one) => one !== from.value) ?? OTHER
  count.value = ''
}

function parted(one: string) {
  if (one === OTHER) return { at: newAt.value, where: newWhere.value.trim() }
  return placeOf(one)
}

function tell() {
  const many = readNumber(count.value)
  if (many === null || many !== Math.round(many) || many < 0) {
    mistyped.value = 'Allowed is a whole number.'
    return
  }
  mistyped.value = ''
  const there = parted(place.value)
  const body: Partial<Move> =
    doing.value === 'MOVED'
      ? {
          reason: 'MOVED',
          ...parted(from.value),
          count: many,
          toAt: there.at,
          toWhere: there.where,
        }
      : { reason: doing.value!, ...there, count: many }
  void save(`/api/stock/parts/${props.id}/moves`, body, `Count of ${row.value!.part.number}`)
}

async function remove() {
  try {
    const path = `/api/stock/parts/${props.id}/removals/${crypto.randomUUID()}`
    await request('PUT', `${path}?base=${row.value!.edition}`)
    await router.push('/stock')
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
</script>

<template>
  <TopBar title="Stock" />
  <main class="page part">
    <StockTabs />
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <router-link to="/stock">To the stock</router-link>
    </p>
    <template v-if="row">
      <section class="card stack">
        <h1>
          {{ row.part.number }} <span class="soft small">{{ kindTitle(row.part.kind) }}</span>
        </h1>
        <p class="name">
          {{ row.part.name }} <span class="soft">{{ ratedTitle(row.part) }}</span>
        </p>
        <ul v-if="row.places.length" class="plain places">
          <li v-for="one in row.places" :key="one.at + one.where">
            <strong class="digits">{{ one.count }}</strong> on {{ placeName(one.at, one.where) }}
          </li>
        </ul>
        <p v-else class="none">None left.</p>
        <OptionGroup
          title="What happened"
          tight
          :model-value="doing ?? undefined"
          :options="DOING.filter((one) => one.value !== 'MOVED' || total)"
          @update:model-value="begin"
        />
        <form v-if="doing" class="stack told" aria-label="Its count" @submit.prevent="tell">
          <div class="fields">
            <label v-if="doing === 'MOVED'" class="named">
              From
              <select v-model="from" name="from">
                <option v-for="one in mine" :key="one" :value="one">{{ keyTitle(one) }}</option>
              </select>
            </label>
            <label class="named">
              {{ doing === 'MOVED' ? 'To' : 'Where' }}
              <select v-model="place" name="where">
                <option v-for="one in places" :key="one" :value="one">{{ keyTitle(one) }}</option>
                <option :value="OTHER">another place</option>
              </select>
            </label>
            <template v-if="place === OTHER">
              <label class="named">
                Van or shelf
                <select v-model="newAt" name="newAt">
                  <option value="SHELF">shelf</option>
                  <option value="VAN">van</option>
                </select>
              </label>
              <label class="named">
                Its name
                <el-input v-model="newWhere" name="newWhere" maxlength="60" />
                <span v-if="refusal?.of('where') || refusal?.of('toWhere')" class="fault">{{
                  refusal.of('where') || refusal.of('toWhere')
                }}</span>
              </label>
            </template>
            <FigureInput
              v-model="count"
              name="count"
              :title="doing === 'COUNTED' ? 'How many lie there' : 'How many'"
              :fault="mistyped || refusal?.of('count')"
            />
          </div>
          <p v-if="refusal && !refusal.errors.length" class="notice failed" role="alert">
            {{ refusal.message }}
          </p>
          <p class="row">
            <button type="submit" class="main-button">Keep it</button>
            <button type="button" class="link-button" @click="doing = null">Close</button>
            <span v-if="unsent" class="soft">Waits for the radio.</span>
          </p>
        </form>
      </section>
      <section class="card stack">
        <h2>What it costs and goes by</h2>
        <dl>
          <dt>Price to the customer</dt>
          <dd>
            {{
              row.part.price === undefined
                ? 'the supply house’s, as the shop sets none'
                : money(row.part.price, currency)
            }}
          </dd>
          <template v-if="row.part.supplierNumber">
            <dt>At the supply house</dt>
            <dd>
              {{ row.part.supplierNumber
              }}<template v-if="quote">: {{ quoteTitle(quote, currency) }}</template>
              <p v-for="doubt in quote?.doubts" :key="doubt" class="none">{{ doubt }}</p>
            </dd>
          </template>
          <template v-if="row.part.barcode">
            <dt>Barcode</dt>
            <dd class="digits">{{ row.part.barcode }}</dd>
          </template>
          <template v-if="successors.length">
            <dt>Replaced by</dt>
            <dd v-for="one in successors" :key="one.found.part.number">
              <router-link v-if="one.id" :to="`/stock/parts/${one.id}`" class="says">{{
                one.found.part.number
              }}</router-link>
              <template v-else>{{ one.found.part.number }}</template>
              {{ one.found.part.name }}
            </dd>
          </template>
        </dl>
        <p class="row">
          <button type="button" class="link-button" @click="editing = !editing">Change it</button>
          <button v-if="!total" type="button" class="link-button" @click="remove">
            Take it off the list
          </button>
        </p>
      </section>
      <PartForm v-if="editing" :row="row" @kept="show" @close="editing = false" />
      <section v-if="moves.length" class="card stack">
        <h2>What came and went</h2>
        <ol class="plain moves">
          <li v-for="one in moves" :key="one.id">
            <strong class="digits">{{ one.change > 0 ? '+' : '' }}{{ one.change }}</strong>
            <span
              >{{ reasonTitle(one.reason) }}, {{ placeName(one.at, one.where) }}
              <router-link v-if="one.call" :to="`/calls/${one.call}/choose`">the call</router-link>
              <span class="soft">{{ one.author }}, {{ ago(one.time) }}</span></span
            >
          </li>
        </ol>
      </section>
    </template>
    <p v-else-if="!fault" class="soft" role="status">Reading the part…</p>
  </main>
</template>

<style scoped>
.part {
  display: grid;
  gap: 14px;
  max-width: 860px;
}

.name {
  font-size: 1.125rem;
  font-weight: 650;
}

.name .soft {
  font-weight: 400;
}

.places {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 26px;
  font-size: 1.125rem;
}

.places strong {
  font-size: 1.5rem;
}

.none {
  color: var(--suspect);
  font-weight: 650;
}

.told {
  padding-left: 14px;
  border-left: 5px solid var(--copper);
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 14px 20px;
}

dl {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 8px 16px;
  margin: 0;
}

dt {
  font-weight: 650;
}

dd {
  grid-column: 2;
  margin: 0;
}

.moves li {
  display: grid;
  grid-template-columns: 52px 1fr;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}

@media (max-width: 719px) {
  dl {
    grid-template-columns: 1fr;
  }

  dd {
    grid-column: 1;
  }
}
</style>
