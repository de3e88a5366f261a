<script setup lang="ts">
import type { Drawing } from '../api/types'

/** A drawing that the core laid out, in the colours of the page. */
defineProps<{ drawing: Drawing; spoken: string }>()

const ANCHOR = { START: 'start', MIDDLE: 'middle', END: 'end' } as const

/** Straight and bent pieces as SVG has them. */
function path(pieces: number[][]): string {
  return pieces
    .map(
      (piece, index) => `${index === 0 ? 'M' : piece.length === 6 ? 'C' : 'L'}${piece.join(' ')}`,
    )
    .join('')
}
</script>

<template>
  <svg
    class="drawing"
    :viewBox="`${drawing.left} ${drawing.top} ${drawing.width} ${drawing.height}`"
    role="img"
    :aria-label="spoken"
  >
    <path
      v-for="(stroke, index) in drawing.strokes"
      :key="`s${index}`"
      class="stroke"
      :class="[stroke.ink.toLowerCase(), { dashed: stroke.dashed }]"
      :d="path(stroke.pieces)"
      :stroke-width="stroke.width"
    />
    <rect
      v-for="(box, index) in drawing.boxes"
      :key="`b${index}`"
      class="fill"
      :class="box.fill.toLowerCase()"
      :x="box.x"
      :y="box.y"
      :width="box.width"
      :height="box.height"
      rx="2"
    />
    <circle
      v-for="(dot, index) in drawing.dots"
      :key="`d${index}`"
      class="dot"
      :class="[`fill-${dot.fill.toLowerCase()}`, `rim-${dot.rim.toLowerCase()}`]"
      :cx="dot.x"
      :cy="dot.y"
      :r="dot.radius"
      :stroke-width="dot.rimWidth"
    />
    <text
      v-for="(label, index) in drawing.labels"
      :key="`l${index}`"
      class="fill digits"
      :class="[label.ink.toLowerCase(), { bold: label.bold }]"
      :x="label.x"
      :y="label.y"
      :font-size="label.size"
      :text-anchor="ANCHOR[label.anchor]"
    >
      {{ label.text }}
    </text>
  </svg>
</template>

<style scoped>
.drawing {
  display: block;
  width: 100%;
  max-height: 262px;
}

.stroke {
  fill: none;
  stroke-linecap: round;
}

.dashed {
  stroke-dasharray: 7 5;
}

.stroke.ink {
  stroke: var(--ink);
}

.stroke.soft {
  stroke: var(--rule-strong);
}

.stroke.copper {
  stroke: var(--copper);
}

.stroke.failed {
  stroke: var(--failed);
}

.fill.ink,
.fill-ink {
  fill: var(--ink);
}

.fill.soft {
  fill: var(--soft);
}

.fill.failed,
.fill-failed {
  fill: var(--failed);
}

.fill.copper,
.fill-copper {
  fill: var(--copper);
}

.fill.paper {
  fill: var(--on-copper);
}

.fill-paper {
  fill: var(--card);
}

.rim-ink {
  stroke: var(--ink);
}

.rim-copper {
  stroke: var(--copper);
}

.rim-failed {
  stroke: var(--failed);
}

.bold {
  font-weight: 650;
}
</style>
