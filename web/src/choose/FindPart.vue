<script setup lang="ts">
import { computed } from 'vue'
import type { FoundRow, PartKind, Way } from '../api/types'
import { useCall } from '../call/call'
import { catalogue, photoTitle, routeTitle } from '../catalogue/catalogue'
import PartFinder from '../stock/PartFinder.vue'
import { kindTitle } from '../stock/words'

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
    <p v-if="plates.length" class="plates">
      <a
        v-for="photo in plates"
        :key="photo.id"
        :href="`/api/calls/${call.id}/photos/${photo.id}`"
        target="_blank"
        rel="noopener"
        ><img
          :src="`/api/calls/${call.id}/photos/${photo.id}`"
          :alt="photoTitle(photo.kind)"
          loading="lazy"
      /></a>
    </p>
    <PartFinder v-slot="{ row }" :currency="call.settings.currency">
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

.plates img {
  display: block;
  height: 120px;
  border: 1px solid var(--rule);
}
</style>
