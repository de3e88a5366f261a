<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { Refusal, request } from '../api/client'
import type { PartKind, PartRow } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import ChangedMeanwhile from '../shared/ChangedMeanwhile.vue'
import { useEdition } from '../shared/edition'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'

/** A part as the shop calls it. Only what tells one of its kind from another is asked for. */
const props = defineProps<{ row?: PartRow }>()
const emit = defineEmits<{ kept: [rows: PartRow[]]; close: [] }>()

const known = props.row?.part
const number = ref(known?.number ?? '')
const name = ref(known?.name ?? '')
const kind = ref<PartKind>(known?.kind ?? 'CAPACITOR')
const supplierNumber = ref(known?.supplierNumber ?? '')
const barcode = ref(known?.barcode ?? '')
const replacedBy = ref(known?.replacedBy ?? '')
const price = ref(known?.price?.toString() ?? '')
const ratings = reactive<Record<string, string>>(
  Object.fromEntries(
    Object.entries(known?.ratings ?? {}).map(([id, value]) => [id, String(value)]),
  ),
)
const refusal = ref<Refusal | null>(null)
const fault = ref('')
let save = crypto.randomUUID()
const part = props.row?.id ?? crypto.randomUUID()
const edition = useEdition(props.row?.edition)

const kinds = computed(() => catalogue.value?.partKinds ?? [])
const asked = computed(() => kinds.value.find((one) => one.id === kind.value)?.ratings ?? [])

async function keep() {
  refusal.value = null
  fault.value = ''
  const body: Record<string, unknown> = {
    number: number.value.trim(),
    kind: kind.value,
    name: name.value.trim(),
    supplierNumber: supplierNumber.value.trim() || undefined,
    barcode: barcode.value.trim() || undefined,
    replacedBy: replacedBy.value.trim() || undefined,
  }
  if (price.value.trim()) body.price = readNumber(price.value) ?? price.value
  for (const { id, field } of asked.value) {
    const given = ratings[id]?.trim()
    if (given) body[field] = readNumber(given) ?? given
  }
  try {
    const path = `/api/stock/parts/${part}/editions/${save}${edition.query()}`
    const rows = await request<PartRow[]>('PUT', path, body)
    save = crypto.randomUUID()
    emit('kept', rows)
  } catch (failed) {
    if (failed instanceof Refusal) {
      refusal.value = failed
      edition.refused(failed)
      save = crypto.randomUUID()
    } else fault.value = 'No answer from the server. What you typed is still here; try again.'
  }
}
const FIELDS = [
  { field: 'number', title: 'The shop’s number', model: number },
  { field: 'name', title: 'In words', model: name },
  { field: 'supplierNumber', title: 'The supply house’s number', model: supplierNumber },
  { field: 'barcode', title: 'Barcode', model: barcode },
  { field: 'replacedBy', title: 'Replaced by', model: replacedBy },
]
const titleOf = (field: string) =>
  [...FIELDS, ...asked.value].find((one) => one.field === field)?.title ??
  field.charAt(0).toUpperCase() + field.slice(1)
const others = computed(() =>
  (refusal.value?.errors ?? []).filter(
    ({ path }) =>
      path !== 'price' &&
      !FIELDS.some((one) => one.field === path) &&
      !asked.value.some((one) => one.field === path),
  ),
)
</script>

<template>
  <form class="card stack" aria-label="A part" @submit.prevent="keep">
    <h2>{{ row ? `Change ${row.part.number}` : 'A part that the shop keeps' }}</h2>
    <div class="fields">
      <label class="named">
        Kind
        <select v-model="kind" name="kind">
          <option v-for="one in kinds" :key="one.id" :value="one.id">{{ one.title }}</option>
        </select>
      </label>
      <label v-for="one in FIELDS" :key="one.field" class="named">
        {{ one.title }}
        <el-input v-model="one.model.value" :name="one.field" maxlength="120" autocomplete="off" />
        <span v-if="refusal?.of(one.field)" class="fault" role="alert">{{
          refusal.of(one.field)
        }}</span>
      </label>
      <FigureInput
        v-for="one in asked"
        :key="one.id"
        :model-value="ratings[one.id] ?? ''"
        :name="one.field"
        :title="one.title"
        :unit="one.unit"
        :fault="refusal?.of(one.field)"
        @update:model-value="(value: string) => (ratings[one.id] = value)"
      />
      <FigureInput
        v-model="price"
        name="price"
        title="Price to the customer"
        :fault="refusal?.of('price')"
      />
    </div>
    <p class="soft">
      Without a price of the shop’s own, the supply house’s stands.
      <template v-if="kind === 'MOTOR'">
        A motor has the number that it has in the shop’s list of motors: its plate stands there.
      </template>
    </p>
    <p v-for="error in others" :key="error.path + error.message" class="notice failed" role="alert">
      {{ error.path }}: {{ error.message }}
    </p>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <ChangedMeanwhile :refusal="refusal" :title="titleOf" />
    <p class="row">
      <button type="submit" class="main-button">Keep the part</button>
      <button type="button" class="link-button" @click="emit('close')">Close</button>
    </p>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 14px 20px;
}
</style>
