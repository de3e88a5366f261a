<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get } from '../api/client'
import type { Earlier, Particulars } from '../api/types'
import { useCall } from '../call/call'
import { day } from '../shared/time'
import { plateField, plateValue, putPlate } from './plate'

/** What the last call to this unit knew of its plates, to be taken over with one touch. */
const model = defineModel<Particulars>({ required: true })

const { call } = useCall()
const earlier = ref<Earlier | null>(null)

onMounted(async () => {
  try {
    earlier.value = (await get<Earlier[]>(`/api/calls/${call.value.id}/earlier`))[0] ?? null
  } catch {
    // Without an answer nothing is offered, and nothing is lost.
  }
})

const known = computed(() => {
  const before = earlier.value?.particulars
  if (!before) return []
  const paths = [
    // The plate of another kind of motor is another motor's, and so is that of one that went out.
    ...(before.motor.family === model.value.motor.family && !earlier.value!.anotherMotor
      ? Object.keys(before.motor).map((id) => `motor.${id}`)
      : []),
    ...Object.keys(before.unit).map((id) => `unit.${id}`),
  ]
  return paths.filter(
    (path) => isSaid(plateValue(before, path)) && !isSaid(plateValue(model.value, path)),
  )
})
const isSaid = (value: unknown) =>
  value !== undefined &&
  value !== null &&
  value !== 'UNKNOWN' &&
  !(Array.isArray(value) && !value.length)

function spoken(path: string): string {
  const value = plateValue(earlier.value!.particulars, path)
  const { title, input } = plateField(path)
  if (input.kind === 'choice') {
    return `${title}: ${input.options.find((one) => one.value === value)?.label ?? value}`
  }
  if (typeof value === 'boolean') return `${title} ${value ? 'Yes' : 'No'}`
  if (Array.isArray(value))
    return `${title}: ${value.join(', ').toLowerCase().replaceAll('_', ' ')}`
  return `${title}: ${value}${input.kind === 'number' && input.field.unit ? ` ${input.field.unit}` : ''}`
}

function take() {
  for (const path of known.value) {
    putPlate(model.value, path, plateValue(earlier.value!.particulars, path))
  }
}
</script>

<template>
  <section v-if="earlier && known.length" class="notice earlier" aria-label="From the last call">
    <p>
      This unit was here on {{ day(earlier.at) }}. Then it was told:
      {{ known.map(spoken).join('; ') }}.
    </p>
    <button type="button" class="quiet-button" @click="take">That is still so: take it over</button>
  </section>
</template>

<style scoped>
.earlier {
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
