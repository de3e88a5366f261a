<script setup lang="ts" generic="T">
/** A question with its answers as buttons; a second tap takes it back, unless one must stand. */
const props = defineProps<{
  title: string
  options: { value: T; label: string }[]
  digits?: boolean
  required?: boolean
}>()
const model = defineModel<T | undefined>()

function tap(value: T) {
  if (model.value !== value) model.value = value
  else if (!props.required) model.value = undefined
}
</script>

<template>
  <fieldset class="question">
    <legend>{{ title }}</legend>
    <div class="options">
      <button
        v-for="option in options"
        :key="option.label"
        type="button"
        class="quiet-button"
        :class="{ digits }"
        :aria-pressed="model === option.value"
        @click="tap(option.value)"
      >
        {{ option.label }}
      </button>
      <slot />
    </div>
  </fieldset>
</template>
