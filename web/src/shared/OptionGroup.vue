<script setup lang="ts" generic="T">
import { useSingleTouch } from './touch'

/** A question with its answers as buttons; a second tap takes it back, unless one must stand. */
const props = defineProps<{
  title: string
  options: { value: T; label: string }[]
  digits?: boolean
  required?: boolean
  /** Beside its title where there is room, below it where there is not. */
  tight?: boolean
  /** Where more than one can be so: those that are marked. */
  several?: T[]
}>()
const emit = defineEmits<{ mark: [value: T] }>()
const model = defineModel<T | undefined>()

const isOn = (value: T) => props.several?.includes(value) ?? model.value === value

const single = useSingleTouch()

function tap(value: T) {
  if (!single(value)) return
  if (props.several) emit('mark', value)
  else if (model.value !== value) model.value = value
  else if (!props.required) model.value = undefined
}
</script>

<template>
  <fieldset class="question" :class="{ tight }">
    <legend :class="{ 'visually-hidden': tight }">{{ title }}</legend>
    <span v-if="tight" class="title" aria-hidden="true">{{ title }}</span>
    <div class="options">
      <button
        v-for="option in options"
        :key="option.label"
        type="button"
        class="quiet-button"
        :class="{ digits }"
        :aria-pressed="isOn(option.value)"
        @click="tap(option.value)"
      >
        {{ option.label }}
      </button>
      <slot />
    </div>
  </fieldset>
</template>

<style scoped>
.tight {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 12px;
}

.title {
  flex: 1 1 130px;
  font-weight: 650;
  line-height: 1.2;
}

.tight .options {
  flex: 0 1 auto;
  gap: 6px;
}

.tight .quiet-button {
  padding: 0 11px;
}
</style>
