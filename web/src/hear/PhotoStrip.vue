<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import { queue } from '../keep/queue'
import { catalogue, photoTitle } from '../catalogue/catalogue'
import type { Photo, PhotoKind } from '../api/types'
import KeptImage from '../shared/KeptImage.vue'
import { useWaitingPhotos } from './photos'
import RemovedPhotos from './RemovedPhotos.vue'

const { call, photograph, removePhoto } = useCall()

/** Both plates and the wiring, photographed before anything is moved; or only photos of one kind. */
const props = defineProps<{ only?: PhotoKind[] }>()

const shown = ref<Photo | null>(null)
const mine = useWaitingPhotos()

async function pick(kind: PhotoKind, event: Event) {
  const field = event.target as HTMLInputElement
  for (const file of field.files ?? []) await photograph(kind, file)
  field.value = ''
}

const url = (photo: Photo) => `/api/calls/${call.value.id}/photos/${photo.id}`
const isMine = (kind: string) => props.only?.includes(kind as PhotoKind) ?? kind !== 'AS_WIRED'
const kinds = computed(() =>
  ((catalogue.value?.photos ?? []) as { id: PhotoKind; title: string }[]).filter((one) =>
    isMine(one.id),
  ),
)
const taken = computed(() => call.value.photos.filter((photo) => !props.only || isMine(photo.kind)))

async function remove(photo: Photo) {
  shown.value = null
  await removePhoto(photo.id)
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
    <ul v-if="taken.length || mine.length">
      <li v-for="photo in taken" :key="photo.id">
        <button
          type="button"
          :aria-label="`Look at: ${photoTitle(photo.kind)}`"
          @click="shown = photo"
        >
          <KeptImage :src="url(photo)" :alt="photoTitle(photo.kind)" loading="lazy" />
        </button>
        <span>{{ photoTitle(photo.kind) }}</span>
      </li>
      <li v-for="photo in mine" :key="photo.id">
        <KeptImage :src="photo.url" :alt="photoTitle(photo.kind)" />
        <span class="soft">{{ queue.sending ? 'being sent' : 'kept here' }}</span>
      </li>
    </ul>
    <p class="soft">
      JPEG or PNG. Where and when a photo was taken is removed from it; it is kept with the call.
    </p>
    <RemovedPhotos v-if="!only" />
    <el-dialog
      :model-value="shown !== null"
      :title="shown ? photoTitle(shown.kind) : ''"
      align-center
      width="min(900px, 94vw)"
      @update:model-value="shown = null"
    >
      <template v-if="shown">
        <KeptImage class="large" :src="url(shown)" :alt="photoTitle(shown.kind)" />
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
