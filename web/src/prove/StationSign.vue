<script setup lang="ts">
/** The state of a link, told by shape first: square with tick, diamond, octagon with cross, dashed ring. */
defineProps<{ state: string; next?: boolean; size?: number }>()
</script>

<template>
  <svg :width="size ?? 44" :height="size ?? 44" viewBox="0 0 44 44" aria-hidden="true">
    <template v-if="state === 'FAILED'">
      <path class="failed" d="M14 3h16l11 11v16L30 41H14L3 30V14z" />
      <path class="mark on-failed" d="M15 15l14 14M29 15L15 29" />
    </template>
    <template v-else-if="next">
      <path class="next" d="M22 1l21 21-21 21L1 22z" />
      <path class="on-next" d="M18 14l12 8-12 8z" />
    </template>
    <template v-else-if="state === 'GOOD'">
      <rect class="good" x="4" y="4" width="36" height="36" rx="3" />
      <path class="mark on-good" d="M13 22l7 7 12-14" />
    </template>
    <template v-else-if="state === 'SUSPECT'">
      <path class="suspect" d="M22 2l20 20-20 20L2 22z" />
      <path class="mark suspect-line" d="M22 12v12M22 30v1.5" />
    </template>
    <circle v-else class="unseen" cx="22" cy="22" r="17" />
  </svg>
</template>

<style scoped>
.good {
  fill: var(--good);
}

.failed {
  fill: var(--failed);
}

.next {
  fill: var(--copper);
}

.on-next {
  fill: var(--on-copper);
}

.suspect {
  fill: var(--suspect-soft);
  stroke: var(--suspect);
  stroke-width: 2.5;
}

.unseen {
  fill: var(--paper);
  stroke: var(--rule-strong);
  stroke-width: 2;
  stroke-dasharray: 5 5;
}

.mark {
  fill: none;
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.on-good {
  stroke: var(--on-good);
}

.on-failed {
  stroke: var(--on-failed);
}

.suspect-line {
  stroke: var(--suspect);
}
</style>
