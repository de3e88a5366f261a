<script setup lang="ts">
import { computed } from 'vue'

/** A sketch of what may be seen of a motor, by the id of its answer. */
const props = defineProps<{ of: string }>()

const circle = (x: number, y: number, r: number) =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
const box = (x: number, y: number, w: number, h: number) => `M${x} ${y}h${w}v${h}h${-w}z`
/** Contacts in rows, as a plug shows its face. */
const pins = (x: number, y: number, across: number, down: number) =>
  Array.from({ length: across * down }, (_, i) =>
    circle(x + 8 * (i % across), y + 9 * Math.floor(i / across), 2.2),
  ).join('')
const wave = (y: number, shift: number) => `M${14 + shift} ${y}q8 -18 16 0t16 0t16 0t16 0`
const vanes = (x: number, y: number, from: number, to: number, count: number) =>
  Array.from({ length: count }, (_, i) => {
    const at = (2 * Math.PI * i) / count
    const lean = at + 0.35
    return `M${x + from * Math.cos(at)} ${y + from * Math.sin(at)}L${x + to * Math.cos(lean)} ${y + to * Math.sin(lean)}`
  }).join('')

const motor = (x: number) => box(x, 22, 34, 28) + `M${x + 34} 36h10`

const LINES: Record<string, string> = {
  HOUSED: circle(48, 40, 25) + circle(48, 40, 9) + 'M48 15h54v24h-29' + vanes(48, 40, 14, 20, 9),
  WALL: box(12, 18, 96, 32) + 'M20 42h80M20 46h80M60 50v8',
  OUTDOOR: box(22, 8, 76, 56) + circle(60, 36, 21) + circle(60, 36, 5) + vanes(60, 36, 5, 20, 4),
  PLENUM: circle(60, 36, 28) + circle(60, 36, 10) + vanes(60, 36, 12, 27, 8),
  THREE_LEADS: circle(32, 36, 18) + 'M50 28h56M50 36h56M50 44h56',
  FIVE_IN_ONE:
    circle(24, 36, 14) +
    'M38 28h22M38 32h22M38 36h22M38 40h22M38 44h22' +
    box(60, 26, 48, 20) +
    pins(68, 36, 5, 1),
  TAPS: box(12, 20, 96, 32) + 'M24 52v12M40 52v12M56 52v12M72 52v12M96 52v12' + pins(24, 36, 2, 1),
  WIDE_PLUG: box(12, 26, 26, 20) + pins(18, 36, 3, 1) + box(46, 22, 66, 28) + pins(51, 31, 8, 2),
  FOUR_PLUG: box(20, 26, 30, 20) + pins(27, 36, 3, 1) + box(70, 22, 24, 28) + pins(78, 31, 2, 2),
  STAGES: circle(24, 36, 14) + 'M38 30h26M38 42h26' + box(72, 26, 34, 20) + pins(81, 36, 3, 1),
  TERMINAL_BOX: box(16, 24, 88, 34) + 'M16 24l14 -12h74l-14 12' + pins(28, 41, 9, 1),
  BOLTED_CAN: box(18, 18, 66, 36) + 'M56 18v36M84 36h18' + pins(62, 23, 1, 1) + pins(62, 49, 1, 1),
  BESIDE: motor(62) + box(10, 14, 30, 44) + 'M40 32h22M40 40h22',
  SMOOTH: 'M34 18h36q14 0 14 18t-14 18h-36q-12 0 -12 -18t12 -18zM84 36h20',
  HUB: circle(60, 36, 28) + circle(60, 36, 14) + pins(60, 36, 1, 1) + vanes(60, 36, 16, 27, 8),
  DRIVE_BOX: box(12, 8, 34, 56) + box(18, 14, 22, 12) + 'M46 36h18' + motor(64),
  ONE_PHASE: wave(36, 14),
  THREE_PHASES: wave(36, 4) + wave(36, 14) + wave(36, 24),
  DC: 'M20 30h80M20 44h14M42 44h14M64 44h14M86 44h14',
}
const lines = computed(() => LINES[props.of] ?? '')
</script>

<template>
  <svg viewBox="0 0 120 72" aria-hidden="true"><path :d="lines" /></svg>
</template>

<style scoped>
svg {
  display: block;
  width: 120px;
  height: 72px;
}

path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
