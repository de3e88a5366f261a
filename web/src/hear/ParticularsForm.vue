<script setup lang="ts">
import { computed } from 'vue'
import { catalogue } from '../catalogue/catalogue'
import type { Refusal } from '../api/client'
import type { Particulars } from '../api/types'
import OptionGroup from './OptionGroup.vue'
import PlateNumber from './PlateNumber.vue'

/** What is told of a call: a few touches first, the plates where they are known. */
const model = defineModel<Particulars>({ required: true })
defineProps<{ refusal: Refusal | null; brief?: boolean }>()

const HEATING = [
  ['GAS', 'Gas'],
  ['ELECTRIC', 'Electric'],
  ['HEAT_PUMP', 'Heat pump'],
  ['HYDRONIC', 'Hot water'],
] as const
const YES_NO = [
  { label: 'Yes', value: true },
  { label: 'No', value: false },
]
const QUESTIONS = [
  { text: 'Does the board wait for a speed signal?', of: 'unit', key: 'boardNeedsFeedback' },
  { text: 'Other heat or cooling in the building?', of: 'unit', key: 'otherHeatOrCooling' },
  { text: 'Does the module come off the motor?', of: 'motor', key: 'moduleRemovable' },
  { text: 'Is the module sold alone?', of: 'motor', key: 'moduleSoldAlone' },
] as const
const numberOf = (of: Record<string, unknown>, id: string) => of[id] as number | undefined
const flagOf = (question: (typeof QUESTIONS)[number]) =>
  asked(question.of)[question.key] as boolean | undefined
const asked = (of: 'unit' | 'motor') => model.value[of] as unknown as Record<string, unknown>
const VOLTS = ['115', '208-230', '115/208-230', '277', '460']

function toggleHeat(heat: (typeof HEATING)[number][0]) {
  const heating = model.value.unit.heating ?? []
  model.value.unit.heating = heating.includes(heat)
    ? heating.filter((one) => one !== heat)
    : [...heating, heat]
}

const symptoms = computed(() =>
  (catalogue.value?.symptoms ?? []).map((one) => ({
    value: one.id as Particulars['symptom'],
    label: one.title,
  })),
)
const families = computed(() =>
  (catalogue.value?.families ?? [])
    .filter((one) => one.covered)
    .map((one) => ({ value: one.id, label: one.title })),
)

/** The plates as the catalogue lists their fields. */
const plate = computed(() => model.value.motor as unknown as Record<string, unknown>)
const unitPlate = computed(() => model.value.unit as unknown as Record<string, unknown>)

type Motor = Particulars['motor']
const ROTATION: { value: Motor['rotation']; label: string }[] = [
  { value: 'CW', label: 'Clockwise' },
  { value: 'CCW', label: 'Counter-clockwise' },
  { value: 'REVERSIBLE', label: 'Reversible' },
  { value: 'SELF_FINDING', label: 'Finds it itself' },
]
const MOUNT: { value: Motor['mount']; label: string }[] = [
  { value: 'BELLY_BAND', label: 'Belly band' },
  { value: 'LUGS', label: 'Lugs' },
  { value: 'STUDS', label: 'Studs' },
  { value: 'CASSETTE', label: 'Cassette' },
]
const ENCLOSURE: { value: Motor['enclosure']; label: string }[] = [
  { value: 'OPEN', label: 'Open' },
  { value: 'TOTALLY_ENCLOSED', label: 'Totally enclosed' },
]
const CONNECTION: { value: Motor['connection']; label: string }[] = [
  { value: 'STAR', label: 'Star' },
  { value: 'DELTA', label: 'Delta' },
]
</script>

<template>
  <div class="particulars">
    <label class="named wide">
      Where
      <el-input v-model="model.place" name="place" maxlength="200" autocomplete="off" />
      <span v-if="refusal?.of('place')" class="fault" role="alert">{{ refusal.of('place') }}</span>
    </label>
    <label class="named wide">
      Which unit
      <el-input v-model="model.unitName" name="unitName" maxlength="200" autocomplete="off" />
    </label>
    <OptionGroup
      v-model="model.symptom"
      class="wide"
      title="What does the fan do wrong?"
      :options="symptoms"
      required
    >
      <span v-if="refusal?.of('symptom')" class="fault" role="alert">{{
        refusal.of('symptom')
      }}</span>
    </OptionGroup>
    <OptionGroup
      v-model="model.motor.family"
      class="wide"
      title="Which motor?"
      :options="families"
      required
    >
      <span v-if="refusal?.of('motor.family')" class="fault" role="alert">{{
        refusal.of('motor.family')
      }}</span>
    </OptionGroup>
    <template v-if="!brief">
      <label class="named wide">
        In the customer's words
        <el-input v-model="model.complaint" name="complaint" type="textarea" maxlength="2000" />
      </label>
      <h2 class="wide">The motor's plate</h2>
      <OptionGroup
        v-model="model.motor.volts"
        class="wide"
        title="Line voltage"
        digits
        :options="VOLTS.map((volts) => ({ value: volts, label: volts }))"
      />
      <PlateNumber
        v-for="field in catalogue?.motorPlate"
        :key="field.id"
        :field="field"
        :model-value="numberOf(plate, field.id)"
        @update:model-value="(value) => (plate[field.id] = value)"
      />
      <label class="named">
        Frame
        <el-input
          :model-value="model.motor.frame ?? ''"
          name="frame"
          maxlength="20"
          @update:model-value="(text: string) => (model.motor.frame = text.trim() || undefined)"
        />
      </label>
      <OptionGroup
        v-model="model.motor.rotation"
        class="wide"
        title="Rotation, seen from the shaft end"
        :options="ROTATION"
      />
      <OptionGroup v-model="model.motor.mount" class="wide" title="Mount" :options="MOUNT" />
      <OptionGroup v-model="model.motor.enclosure" title="Enclosure" :options="ENCLOSURE" />
      <OptionGroup
        v-model="model.motor.connection"
        title="Windings joined in"
        :options="CONNECTION"
      />
      <h2 class="wide">The unit's plate</h2>
      <PlateNumber
        v-for="field in catalogue?.unitPlate"
        :key="field.id"
        :field="field"
        :model-value="numberOf(unitPlate, field.id)"
        @update:model-value="(value) => (unitPlate[field.id] = value)"
      />
      <span />
      <OptionGroup
        v-model="model.unit.kind"
        class="wide"
        title="Kind of unit"
        :options="
          (catalogue?.unitKinds ?? []).map((kind) => ({
            value: kind.id as Particulars['unit']['kind'],
            label: kind.title,
          }))
        "
      />
      <fieldset class="wide question">
        <legend>Heat</legend>
        <div class="options">
          <button
            v-for="[id, title] in HEATING"
            :key="id"
            type="button"
            class="quiet-button"
            :aria-pressed="model.unit.heating?.includes(id) ?? false"
            @click="toggleHeat(id)"
          >
            {{ title }}
          </button>
        </div>
      </fieldset>
      <label class="named">
        Installed
        <el-input
          :model-value="model.unit.installed ?? ''"
          name="installed"
          type="date"
          @update:model-value="(text: string) => (model.unit.installed = text || undefined)"
        />
        <span v-if="refusal?.of('unit.installed')" class="fault" role="alert">{{
          refusal.of('unit.installed')
        }}</span>
      </label>
      <label class="named">
        Warranty until
        <el-input
          :model-value="model.unit.warrantyUntil ?? ''"
          name="warrantyUntil"
          type="date"
          @update:model-value="(text: string) => (model.unit.warrantyUntil = text || undefined)"
        />
        <span v-if="refusal?.of('unit.warrantyUntil')" class="fault" role="alert">{{
          refusal.of('unit.warrantyUntil')
        }}</span>
      </label>
      <OptionGroup
        v-for="question in QUESTIONS"
        :key="question.key"
        :title="question.text"
        :options="YES_NO"
        :model-value="flagOf(question)"
        @update:model-value="(answer) => (asked(question.of)[question.key] = answer)"
      />
    </template>
  </div>
</template>

<style scoped>
.particulars {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px 24px;
}

.wide {
  grid-column: 1 / -1;
}

@media (max-width: 719px) {
  .particulars {
    grid-template-columns: 1fr;
  }
}
</style>
