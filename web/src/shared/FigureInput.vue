<script setup lang="ts">
/** A figure with its name and unit above it, as it is typed; whoever asks for it says what is wrong. */
defineProps<{
  name: string
  title: string
  unit?: string
  fault?: string
  disabled?: boolean
  autofocus?: boolean
}>()
const model = defineModel<string>({ required: true })
</script>

<template>
  <label class="named">
    <span
      >{{ title }} <span class="soft">{{ unit }}</span></span
    >
    <el-input
      v-model="model"
      :name="name"
      inputmode="decimal"
      autocomplete="off"
      :disabled="disabled"
      :autofocus="autofocus"
    />
    <span v-if="fault" class="fault" role="alert">{{ fault }}</span>
  </label>
</template>
