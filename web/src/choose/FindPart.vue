<script setup lang="ts">
import { computed, ref } from 'vue'
import { get } from '../api/client'
import type { FoundRow, PartKind, PlateRead, Way } from '../api/types'
import { useCall } from '../call/call'
import { catalogue, photoTitle, routeTitle } from '../catalogue/catalogue'
import PartFinder from '../stock/PartFinder.vue'
import PartHit from '../stock/PartHit.vue'
import { kindTitle } from '../stock/words'
import { inWords } from '../shared/newest'
import KeptImage from '../shared/KeptImage.vue'

/** The part that a way takes, found by its number: price and days then follow from where it lies. */
const props = defineProps<{ way: Way }>()
const emit = defineEmits<{
  found: [kind: PartKind, number: string]
  type: []
  close: []
}>()
const { call } = useCall()

const kinds = computed<PartKind[]>(
  () => catalogue.value?.routes.find((one) => one.id === props.way.route)?.parts ?? [],
)
const plates = computed(() => call.value.photos.filter((one) => one.kind !== 'AS_WIRED'))

/** What the server read off a photo. */
const plate = ref<PlateRead | null>(null)
const reading = ref('')
const fault = ref('')
/** What is looked for, once a line of the plate is tapped. */
const start = ref('')
const url = (photo: string) => `/api/calls/${call.value.id}/photos/${photo}`

async function read(photo: string) {
  reading.value = photo
  fault.value = ''
  try {
    plate.value = await get<PlateRead>(`${url(photo)}/parts`)
  } catch (failed) {
    fault.value = inWords(failed)
  }
  reading.value = ''
}

/** Where a way takes several parts each is found for itself. */
function pick(row: FoundRow) {
  const kind = row.found.part.kind
  emit('found', kinds.value.includes(kind) ? kind : kinds.value[0]!, row.found.part.number)
}
const isOther = (row: FoundRow) =>
  kinds.value.length > 0 &&
  !kinds.value.includes(row.found.part.kind) &&
  !kinds.value.includes('OTHER')
</script>

<template>
  <section class="card stack" :aria-label="`Find the part: ${routeTitle(way.route)}`">
    <h2>Find the part: {{ routeTitle(way.route) }}</h2>
    <p class="soft">
      This way takes a {{ kinds.map(kindTitle).join(' and a ') || 'part' }}. Its number stands on
      the old part’s plate, the unit’s parts list or the box.
    </p>
    <div v-if="plates.length" class="plates">
      <figure v-for="photo in plates" :key="photo.id">
        <a :href="url(photo.id)" target="_blank" rel="noopener"
          ><KeptImage :src="url(photo.id)" :alt="photoTitle(photo.kind)"
        /></a>
        <button
          type="button"
          class="quiet-button"
          :disabled="reading === photo.id"
          @click="read(photo.id)"
        >
          {{ reading === photo.id ? 'Reading…' : 'Read it' }}
        </button>
      </figure>
    </div>
    <template v-if="plate">
      <p role="status">{{ plate.says }}</p>
      <ul v-if="plate.parts.length" class="plain">
        <PartHit
          v-for="row in plate.parts"
          :key="row.found.part.number"
          :row="row"
          :currency="call.settings.currency"
        >
          <span v-if="isOther(row)" class="soft">a {{ kindTitle(row.found.part.kind) }}</span>
          <button v-else type="button" class="quiet-button" @click="pick(row)">
            Take this<span class="visually-hidden">: {{ row.found.part.number }}</span>
          </button>
        </PartHit>
      </ul>
      <p v-if="plate.lines.length" class="lines">
        <span class="soft">Look for a line of it:</span>
        <button
          v-for="line in plate.lines"
          :key="line"
          type="button"
          class="quiet-button"
          @click="start = line"
        >
          {{ line }}
        </button>
      </p>
    </template>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <PartFinder v-slot="{ row }" :key="start" :start="start" :currency="call.settings.currency">
      <span v-if="isOther(row)" class="soft">a {{ kindTitle(row.found.part.kind) }}</span>
      <button v-else type="button" class="quiet-button" @click="pick(row)">
        Take this<span class="visually-hidden">: {{ row.found.part.number }}</span>
      </button>
    </PartFinder>
    <p class="row">
      <button type="button" class="link-button" @click="emit('type')">
        Nobody knows it: type the price
      </button>
      <button type="button" class="link-button" @click="emit('close')">Close</button>
    </p>
  </section>
</template>

<style scoped>
.plates {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

figure {
  display: grid;
  gap: 6px;
  margin: 0;
}

.lines {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
}

.plates img {
  display: block;
  height: 120px;
  border: 1px solid var(--rule);
}
</style>
