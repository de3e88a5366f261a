<script setup lang="ts">
import { computed } from 'vue'
import { catalogue, factOf } from '../catalogue/catalogue'

/** Where a check cannot be made here: nothing is concluded, and it is not proposed again. */
const props = defineProps<{ facts: string[] }>()
const emit = defineEmits<{ untold: [fact: string, why: string] }>()

const fact = computed(() => props.facts.find((id) => factOf(id)?.mayBeUntold))
</script>

<template>
  <div v-if="fact" class="untold" role="group" aria-label="It cannot be told here">
    <span class="soft">Not here?</span>
    <button
      v-for="why in catalogue?.untold ?? []"
      :key="why.id"
      type="button"
      class="link-button"
      @click="emit('untold', fact, why.id)"
    >
      {{ why.title }}
    </button>
  </div>
</template>

<style scoped>
.untold {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 14px;
  font-size: 0.9375rem;
}
</style>
