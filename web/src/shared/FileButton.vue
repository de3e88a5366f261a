<script setup lang="ts">
/** A button that asks for a file. */
defineProps<{
  title: string
  accept: string
  disabled?: boolean
  /** A telephone takes the photo at once. */
  camera?: boolean
}>()
const emit = defineEmits<{ file: [event: Event] }>()
</script>

<template>
  <label class="quiet-button file">
    {{ title }}
    <input
      type="file"
      :accept="accept"
      :disabled="disabled"
      :capture="camera ? 'environment' : undefined"
      class="visually-hidden"
      @change="(event) => emit('file', event)"
    />
  </label>
</template>

<style scoped>
.file {
  display: inline-flex;
  align-items: center;
}

.file:focus-within {
  outline: 3px solid var(--copper);
  outline-offset: 2px;
}
</style>
