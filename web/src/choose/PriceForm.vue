<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Offer, Route, Way } from '../api/types'
import { catalogue, routeTitle } from '../catalogue/catalogue'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { sourceTitle } from '../stock/words'

/** What one way costs, as it was quoted; an empty field is not known. */
const props = defineProps<{ way: Way; currency: string }>()
const emit = defineEmits<{ keep: [offer: Offer]; close: [] }>()

type Name = 'partPrice' | 'labourHours' | 'leadDays' | 'warrantyMonths' | 'wattsPerThousandCfm'
const FIELDS: { name: Name; title: string; unit: string; most: number }[] = [
  { name: 'partPrice', title: 'Part', unit: props.currency, most: 1e7 },
  { name: 'labourHours', title: 'Labour', unit: 'hours', most: 1000 },
  { name: 'leadDays', title: 'Until it is there', unit: 'days', most: 3650 },
  { name: 'warrantyMonths', title: 'Its warranty', unit: 'months', most: 1200 },
  { name: 'wattsPerThousandCfm', title: 'Power for 1,000 cfm', unit: 'W', most: 10_000 },
]

/** What every price has; the rest is folded away. */
const SHOWN = 3

const usual = computed(
  () => catalogue.value?.routes.find((one) => one.id === props.way.route)?.usualHours,
)
const known: Partial<Record<Name, number>> = {
  partPrice: props.way.typed?.partPrice,
  labourHours: props.way.typed?.labourHours ?? usual.value,
  leadDays: props.way.typed?.leadDays,
  warrantyMonths: props.way.typed?.warrantyMonths,
  wattsPerThousandCfm: props.way.typed?.wattsPerThousandCfm,
}
const typed = reactive(
  Object.fromEntries(FIELDS.map(({ name }) => [name, known[name]?.toString() ?? ''])) as Record<
    Name,
    string
  >,
)
const faults = ref<Partial<Record<Name, string>>>({})

function keep() {
  faults.value = {}
  const offer: Offer = { route: props.way.route as Route }
  for (const { name, most } of FIELDS) {
    if (!typed[name].trim()) continue
    const value = readNumber(typed[name])
    if (value === null || value < 0 || value > most) {
      faults.value[name] = `Allowed is a number from 0 to ${most.toLocaleString('en')}.`
    } else {
      offer[name] = value
    }
  }
  if (!Object.keys(faults.value).length) emit('keep', offer)
}
</script>

<template>
  <form class="card price" :aria-label="`Price: ${routeTitle(way.route)}`" @submit.prevent="keep">
    <h2>What it costs: {{ routeTitle(way.route) }}</h2>
    <p class="soft">
      What is left empty stays as stock and supply house have it<template v-if="way.sourced"
        >: {{ sourceTitle(way.sourced) }}</template
      >.
    </p>
    <div class="fields">
      <FigureInput
        v-for="(field, index) in FIELDS.slice(0, SHOWN)"
        :key="field.name"
        v-model="typed[field.name]"
        :name="field.name"
        :title="field.title"
        :unit="field.unit"
        :fault="faults[field.name]"
        :autofocus="index === 0"
      />
    </div>
    <details class="fold" :open="FIELDS.slice(SHOWN).some((one) => faults[one.name])">
      <summary>
        <h2>More of it</h2>
        <span class="soft">its warranty, its power</span>
      </summary>
      <div class="fields more">
        <FigureInput
          v-for="field in FIELDS.slice(SHOWN)"
          :key="field.name"
          v-model="typed[field.name]"
          :name="field.name"
          :title="field.title"
          :unit="field.unit"
          :fault="faults[field.name]"
        />
      </div>
    </details>
    <p class="row">
      <button type="submit" class="main-button">Keep the price</button>
      <button type="button" class="link-button" @click="emit('close')">Close</button>
    </p>
  </form>
</template>

<style scoped>
.price {
  display: grid;
  gap: 14px;
}

.more {
  margin-top: 10px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 12px;
}
</style>
