<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { Refusal, request } from '../api/client'
import type { MotorRow } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import { placeTitle } from '../choose/words'
import OptionGroup from '../shared/OptionGroup.vue'
import PlateAnswer from '../hear/PlateAnswer.vue'
import ChangedMeanwhile from '../shared/ChangedMeanwhile.vue'
import { useEdition } from '../shared/edition'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { asTold, flat, OWN, PLATE } from './motor'
import { inWords } from '../shared/newest'

/** A motor that the shop can get, typed off its plate or its sheet. */
const props = defineProps<{ row?: MotorRow }>()
const emit = defineEmits<{ kept: [rows: MotorRow[]]; close: [] }>()

const known = props.row ? flat(props.row.motor) : { family: 'CONSTANT_TORQUE' }
const told = ref(asTold({ ...known }))
const name = ref(String(known.id ?? ''))
const family = ref(String(known.family))
const adapters = ref(((known.adapters as string[] | undefined) ?? []).join('; '))
const at = ref(known.at as string | undefined)
const typed = reactive(
  Object.fromEntries(OWN.map(({ name }) => [name, known[name]?.toString() ?? ''])) as Record<
    (typeof OWN)[number]['name'],
    string
  >,
)
const refusal = ref<Refusal | null>(null)
const fault = ref('')
/** One id a try at a time: sent again it is the same save. */
let save = crypto.randomUUID()
const motor = props.row?.id ?? crypto.randomUUID()
const edition = useEdition(props.row?.edition)

const PLACES = (['VAN', 'SHELF', 'SUPPLY_HOUSE'] as const).map((value) => ({
  value: value as string,
  label: placeTitle(value),
}))
const families = computed(() => catalogue.value?.families ?? [])

async function keep() {
  refusal.value = null
  fault.value = ''
  const plate = told.value.motor as unknown as Record<string, unknown>
  const body: Record<string, unknown> = {}
  for (const path of PLATE) body[path.split('.')[1]!] = plate[path.split('.')[1]!]
  for (const { name } of OWN) {
    if (typed[name].trim()) body[name] = readNumber(typed[name]) ?? typed[name]
  }
  Object.assign(body, {
    id: name.value.trim(),
    family: family.value,
    at: at.value,
    programmed: plate.programmed,
    feedbackCanBeDisabled: known.feedbackCanBeDisabled,
    adapters: adapters.value
      .split(';')
      .map((one) => one.trim())
      .filter(Boolean),
  })
  try {
    const path = `/api/motors/${motor}/editions/${save}${edition.query()}`
    const rows = await request<MotorRow[]>('PUT', path, body)
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

async function remove() {
  try {
    const path = `/api/motors/${motor}/removals/${save}${edition.query()}`
    emit('kept', await request<MotorRow[]>('PUT', path))
  } catch (failed) {
    fault.value = inWords(failed)
  }
}

const others = computed(() =>
  (refusal.value?.errors ?? []).filter(
    (error) => error.path !== 'id' && !OWN.some((one) => one.name === error.path),
  ),
)
</script>

<template>
  <form class="card stack" aria-label="A motor" @submit.prevent="keep">
    <h2>{{ row ? row.motor.candidate.id : 'A motor that the shop can get' }}</h2>
    <label class="named">
      As the shop calls it
      <el-input v-model="name" name="id" maxlength="100" />
      <span v-if="refusal?.of('id')" class="fault" role="alert">{{ refusal.of('id') }}</span>
    </label>
    <label class="named">
      Kind
      <select v-model="family" name="family" class="select">
        <option v-for="one in families" :key="one.id" :value="one.id">{{ one.title }}</option>
      </select>
    </label>
    <OptionGroup v-model="at" title="Where it lies" :options="PLACES" />
    <div class="fields">
      <FigureInput
        v-for="field in OWN"
        :key="field.name"
        v-model="typed[field.name]"
        :name="field.name"
        :title="field.title"
        :unit="field.unit"
        :fault="refusal?.of(field.name)"
      />
    </div>
    <div class="fields">
      <PlateAnswer v-for="path in PLATE" :key="path" v-model="told" :path="path" />
    </div>
    <label class="named">
      <span>In its box <span class="soft">adapters, with semicolons between</span></span>
      <el-input v-model="adapters" name="adapters" />
    </label>
    <p v-for="error in others" :key="error.path + error.message" class="notice failed" role="alert">
      {{ error.path }}: {{ error.message }}
    </p>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <ChangedMeanwhile :refusal="refusal" />
    <p class="row">
      <button type="submit" class="main-button">Keep the motor</button>
      <button type="button" class="link-button" @click="emit('close')">Close</button>
      <button v-if="row" type="button" class="link-button" @click="remove">Take it away</button>
    </p>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 14px 20px;
}

.select {
  min-height: var(--target);
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
}
</style>
