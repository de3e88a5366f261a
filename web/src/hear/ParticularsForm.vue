<script setup lang="ts">
import { catalogue } from '../catalogue/catalogue'
import type { Refusal } from '../api/client'
import type { Particulars } from '../api/types'

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
  { label: 'Not known', value: undefined },
]
const VOLTS = ['115', '208-230', '277', '460']

function toggleHeat(heat: (typeof HEATING)[number][0]) {
  const heating = model.value.unit.heating ?? []
  model.value.unit.heating = heating.includes(heat)
    ? heating.filter((one) => one !== heat)
    : [...heating, heat]
}

const number = (text: string) => (text.trim() === '' ? undefined : Number(text.replace(',', '.')))
</script>

<template>
  <div class="particulars">
    <label class="wide">
      Where
      <el-input v-model="model.place" name="place" maxlength="200" autocomplete="off" />
      <span v-if="refusal?.of('place')" class="fault" role="alert">{{ refusal.of('place') }}</span>
    </label>
    <label class="wide">
      Which unit
      <el-input v-model="model.unitName" name="unitName" maxlength="200" autocomplete="off" />
    </label>
    <fieldset class="wide">
      <legend>What does the fan do wrong?</legend>
      <div class="options">
        <button
          v-for="symptom in catalogue?.symptoms"
          :key="symptom.id"
          type="button"
          class="quiet-button"
          :aria-pressed="model.symptom === symptom.id"
          @click="model.symptom = symptom.id as Particulars['symptom']"
        >
          {{ symptom.title }}
        </button>
      </div>
      <span v-if="refusal?.of('symptom')" class="fault" role="alert">{{
        refusal.of('symptom')
      }}</span>
    </fieldset>
    <fieldset class="wide">
      <legend>Which motor?</legend>
      <div class="options">
        <button
          v-for="family in catalogue?.families.filter((one) => one.covered)"
          :key="family.id"
          type="button"
          class="quiet-button"
          :aria-pressed="model.motor.family === family.id"
          @click="model.motor.family = family.id"
        >
          {{ family.title }}
        </button>
      </div>
      <span v-if="refusal?.of('motor.family')" class="fault" role="alert">{{
        refusal.of('motor.family')
      }}</span>
    </fieldset>
    <template v-if="!brief">
      <label class="wide">
        In the customer's words
        <el-input v-model="model.complaint" name="complaint" type="textarea" maxlength="2000" />
      </label>
      <fieldset>
        <legend>Line voltage on the plate</legend>
        <div class="options">
          <button
            v-for="volts in VOLTS"
            :key="volts"
            type="button"
            class="quiet-button digits"
            :aria-pressed="model.motor.volts === volts"
            @click="model.motor.volts = model.motor.volts === volts ? undefined : volts"
          >
            {{ volts }}
          </button>
        </div>
      </fieldset>
      <label>
        Horsepower
        <el-input
          :model-value="String(model.motor.horsepower ?? '')"
          name="horsepower"
          inputmode="decimal"
          @update:model-value="(text: string) => (model.motor.horsepower = number(text))"
        />
        <span v-if="refusal?.of('motor.horsepower')" class="fault" role="alert">{{
          refusal.of('motor.horsepower')
        }}</span>
      </label>
      <fieldset class="wide">
        <legend>The unit</legend>
        <div class="options">
          <button
            v-for="kind in catalogue?.unitKinds"
            :key="kind.id"
            type="button"
            class="quiet-button"
            :aria-pressed="model.unit.kind === kind.id"
            @click="model.unit.kind = kind.id as Particulars['unit']['kind']"
          >
            {{ kind.title }}
          </button>
        </div>
      </fieldset>
      <fieldset class="wide">
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
      <label>
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
      <label>
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
      <fieldset
        v-for="question in [
          {
            text: 'Does the board wait for a speed signal?',
            of: 'unit',
            key: 'boardNeedsFeedback',
          },
          { text: 'Other heat or cooling in the building?', of: 'unit', key: 'otherHeatOrCooling' },
          { text: 'Does the module come off the motor?', of: 'motor', key: 'moduleRemovable' },
          { text: 'Is the module sold alone?', of: 'motor', key: 'moduleSoldAlone' },
        ] as const"
        :key="question.key"
      >
        <legend>{{ question.text }}</legend>
        <div class="options">
          <button
            v-for="answer in YES_NO"
            :key="answer.label"
            type="button"
            class="quiet-button"
            :aria-pressed="
              (model[question.of] as Record<string, unknown>)[question.key] === answer.value
            "
            @click="(model[question.of] as Record<string, unknown>)[question.key] = answer.value"
          >
            {{ answer.label }}
          </button>
        </div>
      </fieldset>
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

label,
legend {
  font-weight: 650;
}

label {
  display: grid;
  gap: 4px;
  align-content: start;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}

legend {
  padding: 0;
  margin-bottom: 6px;
}

.options {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

[aria-pressed='true'] {
  border: 2px solid var(--copper);
  background: var(--copper-soft);
}

[aria-pressed='true']::before {
  content: '✓ ';
}

.fault {
  color: var(--failed);
  font-weight: 600;
}

@media (max-width: 719px) {
  .particulars {
    grid-template-columns: 1fr;
  }
}
</style>
