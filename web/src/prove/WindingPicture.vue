<script setup lang="ts">
import { computed } from 'vue'
import type { Phase, Winding } from '../api/types'
import { along, beside, bow, CENTRE, coil, TERMINALS } from './star'

const props = defineProps<{ winding: Winding }>()

const PHASES = ['A', 'B', 'C'] as const
const LABEL = {
  A: { dx: 20, dy: 4 },
  B: { dx: -22, dy: 6 },
  C: { dx: 22, dy: 6 },
}

const concerned = computed(() => new Set<Phase>(props.winding.phases))
const faulty = computed(() => props.winding.state === 'FAULTY')

const coils = computed(() =>
  PHASES.map((phase, index) => {
    const from = TERMINALS[phase]
    const bad = faulty.value && concerned.value.has(phase)
    const ohms = props.winding.phaseOhms?.[index]
    const at = beside(from, CENTRE, 0.45, phase === 'C' ? 30 : -30)
    const open = bad && props.winding.signature === 'OPEN_PHASE'
    return {
      phase,
      from,
      bad,
      // An open phase is drawn with the gap that it has.
      paths: open
        ? [coil(from, along(from, CENTRE, 0.34), 2), coil(along(from, CENTRE, 0.66), CENTRE, 2)]
        : [coil(from, CENTRE, 6)],
      gap: open ? along(from, CENTRE, 0.5) : null,
      ohms: ohms === undefined ? '' : `${ohms.toFixed(ohms < 10 ? 2 : 1)} Ω`,
      label: at,
    }
  }),
)

const depth = computed(() => props.winding.depth ?? 0.5)

/** The mark of the fault: a path for a bridge, and the points that it joins. */
const bridge = computed(() => {
  const [first, second] = props.winding.phases
  if (!faulty.value || !first) return null
  if (props.winding.signature === 'PHASE_TO_PHASE_SHORT' && second) {
    const from = along(TERMINALS[first], CENTRE, depth.value)
    const to = along(TERMINALS[second], CENTRE, depth.value)
    return { path: bow(from, to, 34), points: [from, to] }
  }
  if (props.winding.signature === 'TURN_SHORT') {
    const half = depth.value / 2
    const from = along(TERMINALS[first], CENTRE, Math.max(0.02, 0.5 - half))
    const to = along(TERMINALS[first], CENTRE, Math.min(0.98, 0.5 + half))
    const side = first === 'B' ? -34 : 34
    const middle = beside(TERMINALS[first], CENTRE, 0.5, side)
    return {
      path: `M${from.x} ${from.y}Q${middle.x} ${middle.y} ${to.x} ${to.y}`,
      points: [from, to],
    }
  }
  if (props.winding.signature === 'FRAME_SHORT') {
    const from = along(TERMINALS[first], CENTRE, depth.value)
    const to = { x: from.x + (first === 'B' ? -44 : 44), y: from.y + 26 }
    return { path: `M${from.x} ${from.y}L${to.x} ${to.y}`, points: [from], frame: to }
  }
  return null
})

const joint = computed(() => {
  const [first] = props.winding.phases
  return faulty.value && props.winding.signature === 'HIGH_JOINT' && first
    ? along(TERMINALS[first], CENTRE, 0.12)
    : null
})
</script>

<template>
  <svg
    class="star"
    :class="winding.state.toLowerCase()"
    viewBox="40 0 360 262"
    role="img"
    :aria-label="winding.sentence"
  >
    <g v-for="one in coils" :key="one.phase" :class="{ bad: one.bad }">
      <path v-for="(path, index) in one.paths" :key="index" class="coil" :d="path" />
      <circle class="terminal" :cx="one.from.x" :cy="one.from.y" r="7" />
      <text
        class="lead"
        :x="one.from.x + LABEL[one.phase].dx"
        :y="one.from.y + LABEL[one.phase].dy"
        text-anchor="middle"
      >
        {{ one.phase }}
      </text>
      <text
        v-if="one.ohms"
        class="ohms digits"
        :x="one.label.x"
        :y="one.label.y"
        :text-anchor="one.phase === 'B' ? 'end' : 'start'"
      >
        {{ one.ohms }}
      </text>
      <text v-if="one.gap" class="open" :x="one.gap.x" :y="one.gap.y + 5" text-anchor="middle">
        open
      </text>
    </g>
    <circle class="centre" :cx="CENTRE.x" :cy="CENTRE.y" r="4.5" />
    <g v-if="bridge" class="fault">
      <path class="bridge" :d="bridge.path" />
      <circle
        v-for="(point, index) in bridge.points"
        :key="index"
        :cx="point.x"
        :cy="point.y"
        r="5"
      />
      <g v-if="bridge.frame">
        <path class="ground" :d="`M${bridge.frame.x - 14} ${bridge.frame.y}h28m-23 7h18m-13 7h8`" />
      </g>
    </g>
    <g v-if="joint" class="fault">
      <rect :x="joint.x - 9" :y="joint.y - 9" width="18" height="18" rx="2" />
    </g>
  </svg>
</template>

<style scoped>
.star {
  display: block;
  width: 100%;
  max-height: 262px;
}

.coil {
  fill: none;
  stroke: var(--copper);
  stroke-width: 3.5;
  stroke-linecap: round;
}

.not_measured .coil {
  stroke: var(--rule-strong);
  stroke-dasharray: 3 5;
}

.bad .coil {
  stroke: var(--failed);
}

.terminal {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 3;
}

.centre {
  fill: var(--ink);
}

.lead {
  fill: var(--ink);
  font-weight: 700;
  font-size: 18px;
}

.ohms {
  fill: var(--ink);
  font-size: 15px;
}

.bad .ohms,
.open {
  fill: var(--failed);
  font-weight: 650;
}

.open {
  font-size: 15px;
}

.bridge {
  fill: none;
  stroke: var(--failed);
  stroke-width: 3.5;
  stroke-dasharray: 7 5;
}

.ground {
  fill: none;
  stroke: var(--failed);
  stroke-width: 3;
}

.fault circle,
.fault rect {
  fill: var(--failed);
}
</style>
