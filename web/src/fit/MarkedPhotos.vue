<script setup lang="ts">
import { computed, ref } from 'vue'
import { photoTitle } from '../catalogue/catalogue'
import { usePhotos } from '../hear/photos'
import KeptImage from '../shared/KeptImage.vue'
import type { PhotoMark } from './fit'

/** Photos of the wiring with what was pointed at: which colour sits on which terminal. */
const props = defineProps<{ marks: PhotoMark[]; editable: boolean }>()
const emit = defineEmits<{ marks: [marks: PhotoMark[]] }>()

const all = usePhotos()
const isMarked = (id: string) => props.marks.some((one) => one.photo === id)
const shown = computed(() =>
  all.value.filter((one) => isMarked(one.id) || (props.editable && one.kind !== 'UNIT_PLATE')),
)
const label = ref('')

/** Said first, then pointed at: the thumb hides what it touches. */
function point(photo: string, event: MouseEvent) {
  const said = label.value.trim()
  if (!props.editable || !said) return
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const share = (at: number, from: number, size: number) =>
    Math.round(Math.min(1, Math.max(0, (at - from) / size)) * 1000) / 1000
  emit('marks', [
    ...props.marks,
    {
      photo,
      x: share(event.clientX, box.left, box.width),
      y: share(event.clientY, box.top, box.height),
      label: said,
    },
  ])
  label.value = ''
}

const off = (mark: PhotoMark) =>
  emit(
    'marks',
    props.marks.filter((one) => one !== mark),
  )
</script>

<template>
  <section v-if="shown.length" class="stack" aria-label="Marks on photos">
    <label v-if="editable" class="named">
      Say it, then touch where it sits
      <el-input
        v-model="label"
        name="mark"
        maxlength="60"
        autocomplete="off"
        placeholder="red, T2"
      />
    </label>
    <div class="photos">
      <figure v-for="photo in shown" :key="photo.id">
        <div
          class="photo"
          :class="{ aims: editable && label.trim() }"
          @click="point(photo.id, $event)"
        >
          <KeptImage :src="photo.url" :alt="photoTitle(photo.kind)" />
          <span
            v-for="(mark, at) in marks.filter((one) => one.photo === photo.id)"
            :key="at"
            class="mark"
            :class="{ left: mark.x > 0.6 }"
            :style="{ left: `${mark.x * 100}%`, top: `${mark.y * 100}%` }"
            ><span>{{ mark.label }}</span></span
          >
        </div>
        <figcaption v-if="editable && isMarked(photo.id)" class="options">
          <button
            v-for="(mark, at) in marks.filter((one) => one.photo === photo.id)"
            :key="at"
            type="button"
            class="link-button"
            @click="off(mark)"
          >
            {{ mark.label }}: away
          </button>
        </figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 300px), 1fr));
  gap: 12px;
}

figure {
  margin: 0;
}

.photo {
  position: relative;
  overflow: hidden;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
}

.photo.aims {
  outline: 3px solid var(--copper);
  cursor: crosshair;
}

img {
  display: block;
  width: 100%;
}

.mark {
  position: absolute;
  width: 14px;
  height: 14px;
  margin: -7px 0 0 -7px;
  border: 3px solid #fff;
  border-radius: 50%;
  background: var(--copper);
  box-shadow: 0 0 0 2px #1b232b;
}

.mark > span {
  position: absolute;
  top: -9px;
  left: 16px;
  padding: 1px 6px;
  border-radius: 3px;
  background: #1b232b;
  color: #fff;
  font-size: 0.875rem;
  font-weight: 700;
  white-space: nowrap;
}

.mark.left > span {
  left: auto;
  right: 16px;
}
</style>
