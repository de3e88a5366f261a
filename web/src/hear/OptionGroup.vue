<script setup lang="ts" generic="T">
/** One of a few answers as buttons; a second tap takes it back. */
defineProps<{ title: string; options: { value: T; label: string }[]; digits?: boolean }>()
const model = defineModel<T | undefined>()
</script>

<template>
  <fieldset>
    <legend>{{ title }}</legend>
    <div class="options">
      <button
        v-for="option in options"
        :key="option.label"
        type="button"
        class="quiet-button"
        :class="{ digits }"
        :aria-pressed="model === option.value"
        @click="model = model === option.value ? undefined : option.value"
      >
        {{ option.label }}
      </button>
    </div>
  </fieldset>
</template>
