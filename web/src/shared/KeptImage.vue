<script setup lang="ts">
import { onScopeDispose, ref, watch } from 'vue'
import { keptPhoto } from '../keep/photos'

/** A picture: of this page, or of the server's, kept on this device too. */
const props = defineProps<{ src: string; alt: string }>()

const url = ref('')
const missing = ref(false)
let mine = ''
let gone = false
onScopeDispose(() => {
  gone = true
  show('')
})

function show(next: string) {
  if (mine) URL.revokeObjectURL(mine)
  mine = ''
  url.value = next
}

watch(
  () => props.src,
  async (src) => {
    missing.value = false
    if (src.startsWith('blob:')) return show(src)
    show('')
    const photo = await keptPhoto(src).catch(() => null)
    if (src !== props.src || gone) return
    if (!photo) return (missing.value = true)
    show(URL.createObjectURL(photo))
    mine = url.value
  },
  { immediate: true },
)
</script>

<template>
  <span v-if="missing" class="missing">{{ alt }}: not on this device, and no connection.</span>
  <img v-else :src="url || undefined" :alt="alt" />
</template>

<style scoped>
.missing {
  display: grid;
  place-items: center;
  padding: 8px;
  min-height: 72px;
  color: var(--soft);
}
</style>
