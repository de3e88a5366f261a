<script setup lang="ts">
import { computed } from 'vue'

/** A value against what it must lie between, drawn: where a number alone says less. */
const props = defineProps<{ value: number; least: number; most: number; unit: string }>()

const WIDE = 100
/** The range in the middle third, the value wherever it stands, at the rim where it is far off. */
const at = (number: number) => {
  const span = props.most - props.least || 1
  const share = (number - props.least) / span
  return Math.min(98, Math.max(2, WIDE / 3 + (share * WIDE) / 3))
}
const inside = computed(() => props.value >= props.least && props.value <= props.most)
const said = computed(
  () =>
    `${props.value} ${props.unit}, ${inside.value ? 'within' : props.value < props.least ? 'below' : 'above'} ${props.least} to ${props.most}`,
)
</script>

<template>
  <figure role="img" :aria-label="said">
    <svg viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden="true">
      <line x1="0" y1="7" x2="100" y2="7" class="rail" />
      <rect :x="at(least)" y="3.5" :width="at(most) - at(least)" height="7" class="range" />
      <line :x1="at(value)" y1="0" :x2="at(value)" y2="14" :class="inside ? 'good' : 'bad'" />
    </svg>
    <div class="ends digits" aria-hidden="true">
      <span :style="{ left: `${at(least)}%` }">{{ Math.round(least * 100) / 100 }}</span>
      <span :style="{ left: `${at(most)}%` }">{{ Math.round(most * 100) / 100 }}</span>
    </div>
  </figure>
</template>

<style scoped>
figure {
  max-width: 420px;
  margin: 4px 0 0;
}

svg {
  display: block;
  width: 100%;
  height: 22px;
}

.rail {
  stroke: var(--rule-strong);
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}

.range {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}

.good,
.bad {
  stroke: var(--good);
  stroke-width: 5;
  vector-effect: non-scaling-stroke;
}

.bad {
  stroke: var(--failed);
}

.ends {
  position: relative;
  height: 1.3em;
  font-size: 0.875rem;
}

.ends span {
  position: absolute;
  transform: translateX(-50%);
}
</style>
