<script setup lang="ts">
import { onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { openSenses } from '../core/core'
import AloudButton from './AloudButton.vue'
import { useCamera } from './camera'
import LightTrace from './LightTrace.vue'
import type { LampSeen } from './senses'
import { say } from './spoken'

/**
 * A lamp held in a box is counted by the camera, frame by frame, on this device alone. The box is
 * where the lamp is; it can be dragged, and there may be a second one.
 */
const emit = defineEmits<{ seen: [LampSeen | null] }>()

/** Pixels of the picture that the core looks at, and how much of the frame's height they are. */
const SIDE = 48
const SHARE = 0.3
/** Looked at so often [ms]. */
const LOOK = 700

const video = useTemplateRef('video')
const all = useTemplateRef('all')
const { stream, fault, hasTorch, torch, start, stop, light } = useCamera()
const boxes = ref([{ x: 0.5, y: 0.5 }])
const seen = ref<LampSeen | null>(null)
const wide = ref(4 / 3)
let senses: ReturnType<typeof openSenses> | null = null
let canvas: CanvasRenderingContext2D | null = null
let running = 0
let looks: ReturnType<typeof setInterval> | undefined
let began = 0

async function begin() {
  end()
  if (!video.value || !(await start(video.value))) return
  // Held across there is room for the picture and nothing else.
  if (matchMedia('(max-height: 500px)').matches) all.value?.scrollIntoView()
  wide.value = video.value.videoWidth / video.value.videoHeight || 4 / 3
  await anew()
}

/** Counting begins from nothing: another box is another lamp. */
async function anew() {
  clearInterval(looks)
  senses?.close()
  seen.value = null
  emit('seen', null)
  if (!stream.value) return
  const mine = ++running
  senses = openSenses()
  const mineToo = senses
  canvas ??= new OffscreenCanvas(SIDE, SIDE).getContext('2d', {
    willReadFrequently: true,
  }) as unknown as CanvasRenderingContext2D
  began = performance.now()
  await mineToo.ask('watch', { lamps: boxes.value.length }).catch(lost)
  if (mine !== running) return
  next(mine)
  looks = setInterval(() => void look(mine), LOOK)
}

const lost = () => (fault.value = 'The rules could not be loaded. Try again when there is a radio.')

function next(mine: number) {
  const shown = video.value
  if (mine !== running || !shown || !stream.value) return
  // Each frame once, where the browser tells of frames; else as often as it draws.
  if ('requestVideoFrameCallback' in shown) {
    shown.requestVideoFrameCallback((now) => frame(mine, now))
  } else {
    requestAnimationFrame((now) => frame(mine, now))
  }
}

function frame(mine: number, now: number) {
  if (mine !== running || !video.value || !senses) return
  const pictures = boxes.value.map(pictureOf)
  senses.ask('frame', { at: (now - began) / 1000, pictures }).catch(() => {})
  next(mine)
}

function pictureOf(box: { x: number; y: number }) {
  const shown = video.value!
  const side = SHARE * shown.videoHeight
  const left = box.x * shown.videoWidth - side / 2
  const top = box.y * shown.videoHeight - side / 2
  canvas!.drawImage(shown, left, top, side, side, 0, 0, SIDE, SIDE)
  return canvas!.getImageData(0, 0, SIDE, SIDE).data
}

async function look(mine: number) {
  if (document.hidden || !senses) return
  const answer = await senses.ask<LampSeen>('seen', {}).catch(() => null)
  if (mine !== running || !answer) return
  seen.value = answer
  emit('seen', answer)
  if (answer.codes.length) say(`Code ${answer.codes.join(', or ')}`)
}

/** The picture is as wide as the page; a touch puts the nearest box there. */
function put(event: PointerEvent) {
  const place = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const x = (event.clientX - place.left) / place.width
  const y = (event.clientY - place.top) / place.height
  const to = (value: number, half: number) => Math.min(1 - half, Math.max(half, value))
  const box = { x: to(x, SHARE / wide.value / 2), y: to(y, SHARE / 2) }
  const far = (one: { x: number; y: number }) => Math.hypot((one.x - x) * wide.value, one.y - y)
  const nearest = boxes.value.reduce((a, b) => (far(a) <= far(b) ? a : b))
  boxes.value = boxes.value.map((one) => (one === nearest ? box : one))
  void anew()
}

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-0.02, 0],
  ArrowRight: [0.02, 0],
  ArrowUp: [0, -0.02],
  ArrowDown: [0, 0.02],
}

function move(event: KeyboardEvent, at: number) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  const within = (value: number) => Math.min(0.9, Math.max(0.1, value))
  boxes.value = boxes.value.map((one, i) =>
    i === at ? { x: within(one.x + step[0]), y: within(one.y + step[1]) } : one,
  )
  void anew()
}

function second() {
  boxes.value =
    boxes.value.length === 1
      ? [
          { x: 0.36, y: 0.5 },
          { x: 0.64, y: 0.5 },
        ]
      : [{ x: 0.5, y: 0.5 }]
  void anew()
}

function end() {
  running++
  clearInterval(looks)
  senses?.close()
  senses = null
  stop()
}

// Taken away by another program, or by the system.
watch(stream, (given) => {
  if (!given) end()
})
onBeforeUnmount(end)

const box = (one: { x: number; y: number }) => ({
  left: `${100 * (one.x - SHARE / 4 / wide.value)}%`,
  top: `${100 * (one.y - SHARE / 4)}%`,
  width: `${(100 * SHARE) / 2 / wide.value}%`,
  height: `${(100 * SHARE) / 2}%`,
})
</script>

<template>
  <div ref="all" class="stack" :class="{ watching: stream }">
    <p v-show="!stream">
      The camera counts on this device alone; nothing is sent or kept. Lean the telephone on
      something, near the lamp, and shade the lamp from the sun.
    </p>
    <button v-if="!stream" type="button" class="main-button begin" @click="begin">
      Let the camera count
    </button>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }} Tapping along works as ever.</p>
    <div v-show="stream" class="picture" @pointerdown="put">
      <video ref="video" muted playsinline />
      <span
        v-for="(one, at) in boxes"
        :key="at"
        class="box"
        :style="box(one)"
        tabindex="0"
        role="img"
        :aria-label="`Box of lamp ${at + 1}; the arrow keys move it`"
        @keydown="move($event, at)"
      >
        <span v-if="boxes.length > 1" class="which">{{ at + 1 }}</span>
      </span>
    </div>
    <div v-if="stream" class="stack">
      <div class="row">
        <button type="button" class="quiet-button" @click="anew">Count anew</button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="boxes.length === 2"
          @click="second"
        >
          Two lamps
        </button>
        <button
          v-if="hasTorch"
          type="button"
          class="quiet-button"
          :aria-pressed="torch"
          @click="light(!torch)"
        >
          Torch
        </button>
        <AloudButton />
        <button type="button" class="quiet-button" @click="end">Camera off</button>
      </div>
      <LightTrace v-if="seen" :seen="seen" />
      <ul v-if="seen?.warnings.length" class="warnings">
        <li v-for="warning in seen.warnings" :key="warning.id">{{ warning.sentence }}</li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.begin {
  min-height: 64px;
  font-size: 1.125rem;
}

.picture {
  position: relative;
  overflow: hidden;
  border-radius: 8px;
  background: #000;
  touch-action: none;
  cursor: crosshair;
}

video {
  display: block;
  width: 100%;
}

/* Seen on any picture: light inside dark. */
.box {
  position: absolute;
  border: 3px solid #fff;
  outline: 2px solid #000;
  border-radius: 6px;
  box-shadow: 0 0 0 100vmax rgb(0 0 0 / 12%);
}

.box:focus-visible {
  outline: 4px solid var(--copper);
}

.which {
  position: absolute;
  top: -1.6em;
  left: 0;
  padding: 0 6px;
  border-radius: 4px;
  background: #000;
  color: #fff;
  font-weight: 700;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.warnings {
  margin: 0;
  padding-left: 20px;
  font-weight: 600;
}

/* Held across: the picture and what was counted are seen together. */
@media (max-height: 500px) and (orientation: landscape) {
  .watching {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    align-items: start;
  }

  .watching .notice {
    grid-column: 1 / -1;
  }
}
</style>
