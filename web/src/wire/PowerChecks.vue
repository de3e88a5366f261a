<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { ask, inWords } from '../core/core'
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
      checks.value = (await ask<{ checks: PowerCheck[] }>('checks', wiring)).checks
      fault.value = ''
    } catch (failed) {
      fault.value = inWords(failed)
    }
  },
  { immediate: true },
)

const state = (check: PowerCheck) => props.ticks.find((one) => one.check === check.id)?.ok
const groups = computed(() => {
  let open = true
  return STEPS.map((step) => {
    const mine = checks.value.filter((one) => one.step === step.id)
    const good = mine.filter((one) => state(one) === true).length
    const group = { ...step, checks: mine, good, open }
    open = open && good === mine.length
    return group
  })
})
const done = computed(() => groups.value.every((one) => one.good === one.checks.length))

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
      :open="group.open && group.good < group.checks.length"
    >
      <summary>
        <h2>{{ group.title }}</h2>
        <span class="soft">{{ group.good }} of {{ group.checks.length }}</span>
      </summary>
      <p v-if="!group.open" class="soft">First all that stands before it.</p>
      <template v-else>
        <p class="notice">{{ group.caution }}</p>
        <ul class="plain">
          <li v-for="check in group.checks" :key="check.id">
            <div class="row ask">
              <span class="digits">{{ check.ask }}</span>
              <span class="options">
                <button
                  type="button"
                  class="quiet-button"
                  :aria-pressed="state(check) === true"
                  :aria-label="`So it is: ${check.ask}`"
                  @click="tick(check, true)"
                >
                  So it is
                </button>
                <button
                  type="button"
                  class="quiet-button"
                  :aria-pressed="state(check) === false"
                  :aria-label="`Not so: ${check.ask}`"
                  @click="tick(check, false)"
                >
                  Not so
                </button>
              </span>
            </div>
            <p v-if="state(check) === false" class="notice failed" role="alert">
              {{ check.wrong }}
            </p>
          </li>
        </ul>
      </template>
    </details>
  </section>
</template>

<style scoped>
.ask {
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 6px 14px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

.ask > .digits {
  flex: 1 1 240px;
}

.good {
  color: var(--good);
}

.notice {
  margin: 8px 0;
}
</style>
