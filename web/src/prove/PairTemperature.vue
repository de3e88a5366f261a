<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import { factOf } from '../catalogue/catalogue'
import FigureInput from '../shared/FigureInput.vue'
import { parse } from './value'

/**
 * How warm the winding was when its pairs were read: without it nobody can hold next year's against
 * them, as copper alone makes a tenth.
 */
const { standing, record, call } = useCall()
const PAIRS = ['winding.ab', 'winding.bc', 'winding.ca']
const CELSIUS = 'winding.celsius'

const asked = computed(
  () =>
    !call.value.practice &&
    call.value.diagnosis.winding?.state === 'SOUND' &&
    PAIRS.every((pair) => standing(pair, 'BEFORE')) &&
    !standing(CELSIUS, 'BEFORE'),
)
const typed = ref('')
const fault = ref('')

function keep() {
  const read = parse(factOf(CELSIUS)!, typed.value)
  fault.value = 'fault' in read ? read.fault : ''
  if ('fault' in read) return
  void record(CELSIUS, read.value, { phase: 'BEFORE' })
  typed.value = ''
}
</script>

<template>
  <form v-if="asked" class="warm" @submit.prevent="keep">
    <FigureInput
      v-model="typed"
      name="pair-temperature"
      title="How warm was the winding?"
      unit="°C"
      :fault="fault"
    />
    <button type="submit" class="quiet-button">Keep it</button>
    <p class="soft small">
      Not the air: the motor’s own, by a probe or a thermometer on its shell, stopped for a while.
      Then these sound pairs are the figure for the next call.
    </p>
  </form>
</template>

<style scoped>
.warm {
  display: grid;
  grid-template-columns: minmax(0, 200px) minmax(0, 1fr);
  gap: 6px 10px;
  align-items: end;
}

.warm button {
  justify-self: start;
}

.warm p {
  grid-column: 1 / -1;
}
</style>
