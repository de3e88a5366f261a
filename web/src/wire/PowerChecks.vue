<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { ask } from '../core/core'
import { inWords } from '../shared/newest'
import { counted } from '../shared/number'
import PowerCheckRow from './PowerCheckRow.vue'
import type { PowerCheck, Tick, WiringDoc } from './types'

/** Ohms, then 24 V alone, then line: in that order, each ticked, with what a wrong answer means. */
const props = defineProps<{ wiring: WiringDoc; ticks: Tick[] }>()
const emit = defineEmits<{ ticked: [ticks: Tick[]] }>()

const STEPS = [
  {
    id: 'OHMS',
    title: 'Ohms, everything off',
    caution:
      'Breaker off, locked, proved dead; capacitors discharged. Lift the transformer at R and at H1, and read with nothing called.',
  },
  {
    id: 'CONTROL',
    title: '24 V alone, line off',
    caution:
      'The line stays locked off. Feed R and C from a separate 24 V supply with the transformer’s R still lifted; then raise one call after the other.',
  },
  {
    id: 'LINE',
    title: 'Line',
    caution:
      'All leads back, covers and guards on, hands and sleeves clear of the wheel. One hand on the breaker for the first second.',
  },
] as const

const checks = shallowRef<PowerCheck[]>([])
const fault = ref('')
watch(
  () => props.wiring,
  async (wiring) => {
    try {
      checks.value = (await ask('checks', wiring)).checks
      fault.value = ''
    } catch (failed) {
      fault.value = inWords(failed)
    }
  },
  { immediate: true },
)

const state = (check: PowerCheck) => props.ticks.find((one) => one.check === check.id)?.ok
/** A step waits only for what a wrong answer would burn in it. */
const groups = computed(() =>
  STEPS.map((step, at) => {
    const mine = checks.value.filter((one) => one.step === step.id)
    const first = mine.filter((one) => one.first)
    const before = checks.value.filter(
      (one) =>
        STEPS.findIndex((it) => it.id === one.step) < at &&
        STEPS.findIndex((it) => it.id === one.endangers) <= at,
    )
    return {
      ...step,
      first,
      more: mine.filter((one) => !one.first),
      good: first.filter((one) => state(one) === true).length,
      bad: mine.some((one) => state(one) === false),
      open: before.every((one) => (one.first ? state(one) === true : state(one) !== false)),
    }
  }),
)
const done = computed(() => groups.value.every((one) => one.good === one.first.length && !one.bad))

function tick(check: PowerCheck, ok: boolean) {
  const others = props.ticks.filter((one) => one.check !== check.id)
  emit('ticked', state(check) === ok ? others : [...others, { check: check.id, ok }])
}
</script>

<template>
  <section class="stack" aria-labelledby="before-power">
    <h2 id="before-power">Before power</h2>
    <p class="soft">
      The run proves the record, not the copper: a loose screw and a wire on the wrong post are
      found with the meter.
    </p>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <p v-if="checks.length && done" class="good"><strong>✓ All seen as it must be.</strong></p>
    <details
      v-for="group in groups"
      :key="group.id"
      class="fold"
      :open="group.open && (group.good < group.first.length || group.bad)"
    >
      <summary>
        <h2>{{ group.title }}</h2>
        <span class="soft">{{ group.good }} of {{ group.first.length }}</span>
      </summary>
      <p v-if="!group.open" class="soft">First all that stands before it.</p>
      <template v-else>
        <p class="notice">{{ group.caution }}</p>
        <ul class="plain">
          <PowerCheckRow
            v-for="check in group.first"
            :key="check.id"
            :check="check"
            :state="state(check)"
            @tick="(ok) => tick(check, ok)"
          />
        </ul>
        <details v-if="group.more.length">
          <summary>{{ counted(group.more.length, 'more check') }}, for who looks further</summary>
          <ul class="plain">
            <PowerCheckRow
              v-for="check in group.more"
              :key="check.id"
              :check="check"
              :state="state(check)"
              @tick="(ok) => tick(check, ok)"
            />
          </ul>
        </details>
      </template>
    </details>
  </section>
</template>

<style scoped>
.good {
  color: var(--good);
}

.notice {
  margin: 8px 0;
}
</style>
