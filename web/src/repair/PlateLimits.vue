<script setup lang="ts">
import { ref } from 'vue'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { type ProofDoc, withLimits } from './repair'

/** What the plates allow: without it a reading is kept, and judged by nothing. */
const props = defineProps<{ doc: ProofDoc; faults: Record<string, string> }>()
const emit = defineEmits<{ told: [doc: ProofDoc] }>()

const text = (value: unknown) => (value === undefined || value === null ? '' : String(value))
const rise = props.doc.unit.riseF as [number, number] | undefined
const amps = ref(text(props.doc.fitted.fullLoadAmps))
const taps = ref(text(props.doc.fitted.speedTaps))
const least = ref(text(rise?.[0]))
const most = ref(text(rise?.[1]))
const pressure = ref(text(props.doc.unit.ratedStaticInWc))
/** Asked for at once where it is not read yet; typing closes nothing. */
const unread = !amps.value
const outdoors = props.doc.unit.role === 'OUTDOOR_FAN'

const number = (typed: string) =>
  (typed.trim() ? (readNumber(typed) ?? typed) : undefined) as number

function keep() {
  const both = least.value.trim() || most.value.trim()
  emit(
    'told',
    withLimits(props.doc, {
      amps: number(amps.value),
      taps: number(taps.value),
      rise: both ? [number(least.value), number(most.value)] : undefined,
      pressure: number(pressure.value),
    }),
  )
}
</script>

<template>
  <details class="fold" :open="unread">
    <summary>
      <h3>Off the plates</h3>
      <span class="soft">{{
        amps ? `${amps} A: hold it against the plate of the motor that runs now` : 'not read yet'
      }}</span>
    </summary>
    <form class="figures" aria-label="Off the plates" @submit.prevent="keep">
      <FigureInput
        v-model="amps"
        name="fullLoadAmps"
        title="Full-load amps"
        unit="A"
        :fault="faults['fitted.fullLoadAmps']"
      />
      <template v-if="!outdoors">
        <FigureInput
          v-model="taps"
          name="speedTaps"
          title="Taps it can be set to"
          :fault="faults['fitted.speedTaps']"
        />
        <FigureInput
          v-model="pressure"
          name="ratedStaticInWc"
          title="Unit’s most static"
          unit="in. w.c."
          :fault="faults['unit.ratedStaticInWc']"
        />
        <FigureInput
          v-model="least"
          name="leastRise"
          title="Rise under heat, from"
          unit="°F"
          :fault="faults['unit.riseF']"
        />
        <FigureInput v-model="most" name="mostRise" title="to" unit="°F" />
      </template>
      <button class="quiet-button">Keep</button>
    </form>
  </details>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
  margin-top: 10px;
}
</style>
