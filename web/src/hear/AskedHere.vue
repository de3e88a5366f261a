<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Call } from '../api/types'
import PlateAnswer from './PlateAnswer.vue'
import { plateField } from './plate'
import { useCall } from '../call/call'
import { useTold } from '../call/told'

/** What of the plates this stage waits for, asked here, with what for. */
const props = defineProps<{ stage: 'PROVE' | 'CHOOSE' }>()

const { call } = useCall()
const { told } = useTold()

type Ask = Call['plateAsks'][number]

const waited = computed(() => call.value.plateAsks.filter((one) => one.stage === props.stage))
/** Once asked, a field stays: its first digit is not yet the whole figure. */
const shown = ref<Ask[]>([])
watch(
  waited,
  (now) => {
    const known = new Set(shown.value.map((one) => one.field))
    shown.value.push(...now.filter((one) => !known.has(one.field)))
  },
  { immediate: true },
)
const groups = computed(() => {
  const by = new Map<string, string[]>()
  for (const one of shown.value) by.set(one.why, [...(by.get(one.why) ?? []), one.field])
  return [...by].map(([why, fields]) => ({ why, fields }))
})
/** Asks for this field too, and leads to it. */
const fold = ref<HTMLDetailsElement | null>(null)
async function ask(field: string, why: string) {
  if (!shown.value.some((one) => one.field === field)) {
    shown.value.push({ stage: props.stage, field, why })
  }
  await nextTick()
  if (fold.value) fold.value.open = true
  await nextTick()
  const answer = fold.value?.querySelector<HTMLElement>(`[data-field="${field}"]`)
  answer?.scrollIntoView({ block: 'center' })
  answer?.querySelector<HTMLElement>('input, button')?.focus({ preventScroll: true })
}
defineExpose({ ask })

const missing = computed(() => {
  const names = waited.value.map((one) => plateField(one.field).title.toLowerCase())
  return names.length > 3 ? `${names.slice(0, 3).join(', ')} …` : names.join(', ') || 'all told'
})
</script>

<template>
  <details v-if="shown.length" ref="fold" class="card fold" :open="stage === 'PROVE'">
    <summary>
      <h2>Off the plate</h2>
      <span class="soft">{{ missing }}</span>
    </summary>
    <section v-for="group in groups" :key="group.why">
      <p class="why">{{ group.why.charAt(0).toUpperCase() + group.why.slice(1) }}</p>
      <div class="fields">
        <div v-for="field in group.fields" :key="field" :data-field="field">
          <PlateAnswer v-model="told" :path="field" />
          <p
            v-if="field === 'unit.warrantyUntil' && call.warranty.state !== 'UNKNOWN'"
            :class="['ENDS_SOON', 'JUST_OVER'].includes(call.warranty.state) ? 'notice' : 'soft'"
          >
            {{ call.warranty.sentence }}
          </p>
        </div>
      </div>
    </section>
  </details>
</template>

<style scoped>
section {
  margin-top: 14px;
}

.why {
  margin-bottom: 8px;
  color: var(--soft);
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 14px 24px;
}
</style>
