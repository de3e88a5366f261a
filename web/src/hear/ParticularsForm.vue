<script setup lang="ts">
import { computed, ref } from 'vue'
import { catalogue, familyTitle } from '../catalogue/catalogue'
import type { Refusal } from '../api/client'
import type { Particulars } from '../api/types'
import OptionGroup from '../shared/OptionGroup.vue'
import PlateAnswer from './PlateAnswer.vue'
import PlateByCamera from '../plates/PlateByCamera.vue'
import { plateValue, putPlate } from './plate'
import WhichMotor from './WhichMotor.vue'

/** What is told of a call: a few touches first, the plates where they are known. */
const model = defineModel<Particulars>({ required: true })
defineProps<{
  refusal: Refusal | null
  brief?: boolean
  /** Of the motor's plate, where the call has some. */
  plates?: { id: string; url: string; file?: Blob }[]
}>()

type Symptom = Particulars['symptom']
function toggleAlso(one: Symptom) {
  const also = model.value.also ?? []
  model.value.also = also.includes(one) ? also.filter((it) => it !== one) : [...also, one]
}
/** What is the first complaint is no further one. */
const symptom = computed({
  get: () => model.value.symptom,
  set: (one: Symptom) => {
    model.value.symptom = one
    model.value.also = (model.value.also ?? []).filter((it) => it !== one)
  },
})

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

/** Whoever does not know the motor is led to it by what can be seen. */
const looking = ref(false)
type Family = Particulars['motor']['family']
function found([first, ...others]: string[]) {
  model.value.motor.family = first as Family
  model.value.mayBe = others as Family[]
  looking.value = false
}
/** Nothing is chosen while it can be several. */
const family = computed({
  get: () => (model.value.mayBe?.length ? undefined : model.value.motor.family),
  set: (one) => found([one as string]),
})

const MOTOR_WORDS = ['rotation', 'mount', 'enclosure', 'connection']
const MOTOR_FLAGS = ['moduleRemovable', 'moduleSoldAlone']
const UNIT_REST = [
  'installed',
  'warrantyUntil',
  'boardNeedsFeedback',
  'feedbackCanBeDisabled',
  'otherHeatOrCooling',
]
const motorNumbers = computed(() => (catalogue.value?.motorPlate ?? []).map((one) => one.id))
const unitNumbers = computed(() => (catalogue.value?.unitPlate ?? []).map((one) => one.id))
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
      v-model="symptom"
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
      v-if="!brief"
      class="wide"
      title="What else, beside that?"
      :options="symptoms.filter((one) => one.value !== model.symptom)"
      :model-value="undefined"
      :several="model.also ?? []"
      @mark="(one) => toggleAlso(one)"
    />
    <OptionGroup v-model="family" class="wide" title="Which motor?" :options="families" required>
      <button type="button" class="link-button" @click="looking = !looking">
        {{ looking ? 'Never mind' : 'I do not know' }}
      </button>
      <span v-if="refusal?.of('motor.family')" class="fault" role="alert">{{
        refusal.of('motor.family')
      }}</span>
    </OptionGroup>
    <p v-if="model.mayBe?.length" class="wide soft">
      It can be: {{ [model.motor.family, ...model.mayBe].map(familyTitle).join('; ') }}.
    </p>
    <WhichMotor v-if="looking" class="wide" @found="found" />
    <template v-if="!brief">
      <label class="named wide">
        In the customer's words
        <el-input v-model="model.complaint" name="complaint" type="textarea" maxlength="2000" />
      </label>
      <h2 class="wide">The motor's plate</h2>
      <PlateByCamera
        :photos="plates"
        class="wide"
        :told="(path: string) => plateValue(model, path)"
        @take="(path, value) => putPlate(model, path, value)"
      />
      <PlateAnswer v-model="model" class="wide" path="motor.volts" />
      <PlateAnswer
        v-for="id in [...motorNumbers, 'frame']"
        :key="id"
        v-model="model"
        :path="`motor.${id}`"
      />
      <PlateAnswer
        v-for="id in MOTOR_WORDS"
        :key="id"
        v-model="model"
        class="wide"
        :path="`motor.${id}`"
      />
      <PlateAnswer v-for="id in MOTOR_FLAGS" :key="id" v-model="model" :path="`motor.${id}`" />
      <h2 class="wide">The unit's plate</h2>
      <PlateAnswer v-for="id in unitNumbers" :key="id" v-model="model" :path="`unit.${id}`" />
      <PlateAnswer v-model="model" class="wide" path="unit.kind" />
      <PlateAnswer v-model="model" class="wide" path="unit.heating" />
      <PlateAnswer
        v-for="id in UNIT_REST"
        :key="id"
        v-model="model"
        :path="`unit.${id}`"
        :fault="refusal?.of(`unit.${id}`)"
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
