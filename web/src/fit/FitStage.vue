<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import WireStage from '../wire/WireStage.vue'
import FitWork from './FitWork.vue'

/** The way that was chosen: by hand, by wire, and proved. */
const { call, refusal } = useCall()
const emit = defineEmits<{ help: [] }>()

const chosen = computed(() => call.value.decisions[0]?.route)
</script>

<template>
  <div class="fit">
    <p v-if="refusal" class="notice failed" role="alert">
      {{ refusal.label }}: {{ refusal.refusal.message }}
    </p>
    <div v-if="!chosen" class="card stack">
      <h1>No way is chosen yet</h1>
      <p>
        What is fitted, and how it is wired, follows from the way that is chosen with the customer.
      </p>
      <p><router-link class="says" :to="`/calls/${call.id}/choose`">To Choose</router-link></p>
    </div>
    <FitWork v-else :key="chosen" @help="emit('help')" />
    <WireStage v-if="!chosen" @help="emit('help')" />
    <p class="soft">
      Simulation proves the record, not the copper. Licensed work, local code and the unit’s own
      literature rule.
    </p>
  </div>
</template>

<style scoped>
.fit {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}
</style>
