<script setup lang="ts">
import { computed } from 'vue'
import type { LampSeen } from './senses'

/** The light of each lamp over the last seconds, with the flashes that were counted. */
const props = defineProps<{ seen: LampSeen }>()

const SPAN = 15
const HIGH = 34

const rows = computed(() => {
  const end = Math.max(SPAN, ...props.seen.traces.map((one) => one.times.at(-1) ?? 0))
  const x = (time: number) => 100 - (100 * (end - time)) / SPAN
  return props.seen.traces.map((trace, lamp) => ({
    line: trace.times
      .map((time, at) => `${x(time).toFixed(2)},${(HIGH - 3 - 26 * trace.light[at]!).toFixed(1)}`)
      .join(' '),
    // One lamp of two colours counts for two.
    flashes: props.seen.presses
      .filter((press) => (props.seen.traces.length === 1 || press.lamp === lamp) && x(press.up) > 0)
      .map((press) => ({
        x: Math.max(0, x(press.down)),
        width: Math.max(0.4, x(press.up) - Math.max(x(press.down), 0)),
        second: press.lamp === 1,
      })),
    colour: trace.colour,
  }))
})
</script>

<template>
  <div class="rows" aria-hidden="true">
    <svg
      v-for="(row, lamp) in rows"
      :key="lamp"
      :viewBox="`0 0 100 ${HIGH}`"
      preserveAspectRatio="none"
    >
      <rect
        v-for="(flash, at) in row.flashes"
        :key="at"
        :x="flash.x"
        y="0"
        :width="flash.width"
        :height="HIGH"
        :class="{ second: flash.second }"
      />
      <polyline :points="row.line" />
    </svg>
  </div>
</template>

<style scoped>
.rows {
  display: grid;
  gap: 4px;
}

svg {
  width: 100%;
  height: 56px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}

rect {
  fill: var(--copper);
  opacity: 0.3;
}

.second {
  opacity: 0.55;
}

polyline {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
</style>
