<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PlateField } from '../api/types'
import { readNumber } from '../shared/number'

/** A number off a plate; it says at once what is wrong with it, and passes on only what is right. */
const props = defineProps<{ field: PlateField }>()
const model = defineModel<number | undefined>()

const text = ref(model.value === undefined ? '' : String(model.value))

const fault = computed(() => {
  if (!text.value.trim()) return ''
  const value = readNumber(text.value)
  const { least, most, whole, unit } = props.field
  if (value === null) return 'Type a number.'
  if (whole && !Number.isInteger(value)) return 'Type a whole number.'
  return value < least || value > most ? `Allowed is ${least} to ${most} ${unit}`.trim() + '.' : ''
})

watch(text, (typed) => {
  if (!fault.value) model.value = readNumber(typed) ?? undefined
})
watch(model, (value) => {
  if (value !== undefined && readNumber(text.value) !== value) {
    text.value = String(value)
  }
})
</script>

<template>
  <label class="named">
    <span>
      {{ field.title }} <span v-if="field.unit" class="soft">{{ field.unit }}</span>
    </span>
    <el-input v-model="text" :name="field.id" inputmode="decimal" autocomplete="off" />
    <span v-if="fault" class="fault" role="alert">{{ fault }}</span>
  </label>
</template>
