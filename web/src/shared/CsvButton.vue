<script setup lang="ts">
/** A button that asks for a CSV file. */
const emit = defineEmits<{ file: [event: Event] }>()
</script>

<template>
  <label class="quiet-button file">
    Bring in a CSV
    <input
      type="file"
      accept=".csv,text/csv"
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
