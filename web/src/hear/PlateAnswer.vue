<script setup lang="ts">
import { computed } from 'vue'
import type { Particulars } from '../api/types'
import OptionGroup from '../shared/OptionGroup.vue'
import { plateField, plateValue, putPlate, toggled } from './plate'
import PlateNumber from './PlateNumber.vue'

/** One thing that a plate says, told by its own kind of field. */
const model = defineModel<Particulars>({ required: true })
const props = defineProps<{ path: string; fault?: string }>()

const YES_NO = [
  { label: 'Yes', value: true },
  { label: 'No', value: false },
]
const field = computed(() => plateField(props.path))
const input = computed(() => field.value.input)
const id = computed(() => props.path.split('.')[1])
const value = computed(() => plateValue(model.value, props.path))
const number = computed(() => value.value as number | undefined)
const word = computed(() => value.value as string | undefined)
const several = computed(() => (value.value as string[] | undefined) ?? [])
const flag = computed(() => value.value as boolean | undefined)
const put = (given: unknown) => putPlate(model.value, props.path, given)
function mark(one: string) {
  if (input.value.kind === 'several') put(toggled(several.value, one, input.value.none))
}
</script>

<template>
  <PlateNumber
    v-if="input.kind === 'number'"
    :field="input.field"
    :model-value="number"
    @update:model-value="put"
  />
  <OptionGroup
    v-else-if="input.kind === 'choice'"
    :title="field.title"
    :digits="input.digits"
    :options="input.options"
    :model-value="word"
    @update:model-value="put"
  />
  <OptionGroup
    v-else-if="input.kind === 'several'"
    :title="field.title"
    :options="input.options"
    :several="several"
    @mark="mark"
  />
  <OptionGroup
    v-else-if="input.kind === 'flag'"
    :title="field.title"
    :options="YES_NO"
    :model-value="flag"
    @update:model-value="put"
  />
  <label v-else class="named">
    {{ field.title }}
    <el-input
      :model-value="word ?? ''"
      :name="id"
      :type="input.kind === 'day' ? 'date' : 'text'"
      maxlength="20"
      @update:model-value="(given: string) => put(given.trim())"
    />
    <span v-if="fault" class="fault" role="alert">{{ fault }}</span>
  </label>
</template>
