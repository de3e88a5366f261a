<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import SignaturePad from 'signature_pad'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { FIELD, pathOfInk } from './signature'

/** A field to sign in with a finger; what is drawn is kept as a path. */
const path = defineModel<string>({ required: true })

const canvas = ref<HTMLCanvasElement | null>(null)
let pad: SignaturePad | null = null

/** The field has the size of its place; what is drawn by then stays, at the new size. */
function fit() {
  const field = canvas.value!
  const before = { width: field.clientWidth, drawn: pad!.toData() }
  const sharp = Math.max(1, window.devicePixelRatio)
  if (field.width === Math.round(before.width * sharp)) return
  const was = field.width / sharp || before.width
  field.width = Math.round(field.clientWidth * sharp)
  field.height = Math.round(field.clientHeight * sharp)
  field.getContext('2d')!.scale(sharp, sharp)
  const by = before.width / was
  pad!.fromData(
    before.drawn.map((group) => ({
      ...group,
      points: group.points.map((one) => ({ ...one, x: one.x * by, y: one.y * by })),
    })),
  )
}

onMounted(() => {
  // Dark on light in every theme, as on paper.
  pad = new SignaturePad(canvas.value!, { penColor: '#1b232b', minWidth: 1, maxWidth: 2.6 })
  canvas.value!.width = 0
  fit()
  pad.addEventListener('endStroke', () => {
    const { clientWidth, clientHeight } = canvas.value!
    path.value = pathOfInk(pad!.toData(), clientWidth, clientHeight)
  })
})
useResizeObserver(canvas, () => pad && fit())
onBeforeUnmount(() => pad?.off())

function clear() {
  pad?.clear()
  path.value = ''
}
defineExpose({ clear })
</script>

<template>
  <canvas
    ref="canvas"
    class="pad"
    role="img"
    aria-label="Field to sign in, with a finger or a mouse"
    :style="{ aspectRatio: `${FIELD.width} / ${FIELD.height}` }"
  ></canvas>
</template>

<style scoped>
.pad {
  display: block;
  width: 100%;
  max-width: 560px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: #fff;
  touch-action: none;
}
</style>
