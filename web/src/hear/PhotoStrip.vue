<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref } from 'vue'
import { catalogue, photoTitle } from '../catalogue/catalogue'
import type { CallHandle } from '../call/call'
import type { Call, Photo, PhotoKind } from '../api/types'
import { addPhoto, onPhoto, photoBox, resumePhotos } from './photoBox'

/** Both plates and the wiring, photographed before anything is moved. */
const props = defineProps<{ call: Call; handle: CallHandle }>()

const shown = ref<Photo | null>(null)
const mine = computed(() => photoBox.waiting.filter((one) => one.call === props.call.id))

onMounted(() => resumePhotos().catch(() => {}))
onScopeDispose(
  onPhoto((call) => {
    if (call.id === props.call.id) props.handle.show(call)
  }),
)

async function pick(kind: PhotoKind, event: Event) {
  const field = event.target as HTMLInputElement
  for (const file of field.files ?? []) await addPhoto(props.call.id, kind, file)
  field.value = ''
}

const url = (photo: Photo) => `/api/calls/${props.call.id}/photos/${photo.id}`
const kinds = computed(() => (catalogue.value?.photos ?? []) as { id: PhotoKind; title: string }[])

async function remove(photo: Photo) {
  shown.value = null
  await props.handle.removePhoto(photo.id)
}
</script>

<template>
  <section class="photos" aria-label="Photos">
    <h2>Photos</h2>
    <div class="take">
      <label v-for="kind in kinds" :key="kind.id" class="quiet-button">
        {{ kind.title }}
        <input
          type="file"
          accept="image/jpeg,image/png"
          multiple
          :name="`photo-${kind.id}`"
          @change="(event) => pick(kind.id, event)"
        />
      </label>
    </div>
    <p v-if="photoBox.fault" class="notice failed" role="alert">{{ photoBox.fault }}</p>
    <ul v-if="call.photos.length || mine.length">
      <li v-for="photo in call.photos" :key="photo.id">
        <button
          type="button"
          :aria-label="`Look at: ${photoTitle(photo.kind)}`"
          @click="shown = photo"
        >
          <img :src="url(photo)" :alt="photoTitle(photo.kind)" loading="lazy" />
        </button>
        <span>{{ photoTitle(photo.kind) }}</span>
      </li>
      <li v-for="photo in mine" :key="photo.id">
        <img :src="photo.url" :alt="photoTitle(photo.kind)" />
        <span class="soft">kept here, being sent</span>
      </li>
    </ul>
    <p class="soft">
      JPEG or PNG. Where and when a photo was taken is removed from it; it is kept with the call.
    </p>
    <el-dialog
      :model-value="shown !== null"
      :title="shown ? photoTitle(shown.kind) : ''"
      align-center
      width="min(900px, 94vw)"
      @update:model-value="shown = null"
    >
      <template v-if="shown">
        <img class="large" :src="url(shown)" :alt="photoTitle(shown.kind)" />
        <p class="foot">
          <span class="soft">{{ shown.author }}, {{ shown.width }} by {{ shown.height }}</span>
          <button type="button" class="link-button" @click="remove(shown)">Take it away</button>
        </p>
      </template>
    </el-dialog>
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  gap: 10px;
}

.take {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

label {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  cursor: pointer;
}

label::before {
  content: '+';
  color: var(--copper);
  font-weight: 700;
}

label:focus-within {
  outline: 3px solid var(--copper);
  outline-offset: 2px;
}

input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: 4px;
  width: 150px;
  font-size: 0.875rem;
}

li button {
  padding: 0;
  border: 0;
  background: none;
  cursor: zoom-in;
}

li img {
  display: block;
  width: 150px;
  height: 104px;
  object-fit: cover;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
}

.large {
  display: block;
  max-width: 100%;
  max-height: 70vh;
  margin: 0 auto;
}

.foot {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-top: 8px;
}
</style>
