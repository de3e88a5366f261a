<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { catalogue } from '../catalogue/catalogue'
import type { Taken } from '../call/call'
import OptionGroup from '../shared/OptionGroup.vue'

/** What can be said beside a reading: where, when, and a few words; it goes with the next ones. */
const props = defineProps<{ check: string }>()
const taken = defineModel<Taken>({ required: true })

const moments = computed(() =>
  (catalogue.value?.moments ?? []).map((one) => ({ value: one.id, label: one.title })),
)
const open = ref(false)
const said = computed(() => Object.values(taken.value).some(Boolean))

// Where and when belong to one check; the next one is somewhere else.
watch(
  () => props.check,
  () => {
    taken.value = {}
    open.value = false
  },
)
</script>

<template>
  <details
    class="how-taken"
    :open="open || said"
    @toggle="open = ($event.target as HTMLDetailsElement).open"
  >
    <summary>Where, when, a note</summary>
    <div class="fields">
      <label>
        Tap, stage or place
        <input
          :value="taken.on ?? ''"
          name="taken-on"
          maxlength="40"
          autocomplete="off"
          placeholder="tap 3"
          @input="taken = { ...taken, on: ($event.target as HTMLInputElement).value }"
        />
      </label>
      <OptionGroup
        title="What does it do meanwhile?"
        :options="moments"
        :model-value="taken.when"
        @update:model-value="(when) => (taken = { ...taken, when: when as Taken['when'] })"
      />
      <label>
        Note
        <input
          :value="taken.note ?? ''"
          name="taken-note"
          maxlength="200"
          autocomplete="off"
          @input="taken = { ...taken, note: ($event.target as HTMLInputElement).value }"
        />
      </label>
    </div>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--copper);
  font-weight: 600;
}

.fields {
  display: grid;
  gap: 10px;
  padding-bottom: 6px;
}

label {
  display: grid;
  gap: 4px;
  font-size: 0.9375rem;
}

input {
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
</style>
