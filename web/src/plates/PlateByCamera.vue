<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { NoAnswer } from '../api/client'
import { openSenses } from '../core/core'
import { keptPhoto } from '../keep/photos'
import KeptImage from '../shared/KeptImage.vue'
import { barcode, drawn, piece, words, wordsElsewhere } from './letters'
import type { PlateFound, PlateWord } from './letters'

/**
 * A picture of a plate, taken now or on the call already, read on this device: each thing beside its
 * piece of the picture, taken with one touch. A picture taken here is not kept. Where the device
 * cannot read letters, or is slow at it, the shop's machine does, if that is asked for.
 */
const props = defineProps<{
  told: (path: string) => unknown
  photos?: { id: string; url: string; file?: Blob }[]
}>()
const emit = defineEmits<{ take: [path: string, value: string | number] }>()

const TEXTS = ['motor.volts', 'motor.frame']

interface Shown extends PlateFound {
  picture: string
}

/** After so long a device is slow at it [ms]. */
const SLOW = 12_000

const found = ref<Shown[]>([])
const code = ref('')
const busy = ref(false)
const said = ref('')
/** Whether the shop's machine may be asked for the picture at hand. */
const offered = ref(false)
let senses: ReturnType<typeof openSenses> | null = null
let picture: HTMLCanvasElement | null = null
let slow: ReturnType<typeof setTimeout> | undefined
let asked = 0

onBeforeUnmount(() => {
  asked++
  clearTimeout(slow)
  senses?.close()
})

async function pick(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (file) await open(async () => file)
}

const openPhoto = (url: string, file?: Blob) => open(async () => file ?? keptPhoto(url))

async function open(file: () => Promise<Blob>) {
  const mine = ++asked
  clearTimeout(slow)
  busy.value = true
  offered.value = false
  picture = null
  found.value = []
  code.value = ''
  said.value = ''
  try {
    const next = await drawn(await file())
    if (mine !== asked) return
    picture = next
  } catch {
    if (mine !== asked) return
    busy.value = false
    said.value = 'This picture cannot be opened here. Take another, or type the plate below.'
    return
  }
  void barcode(picture).then((bars) => mine === asked && (code.value = bars))
  slow = setTimeout(() => (offered.value = true), SLOW)
  await read(words, () => {
    offered.value = true
    return 'This device cannot read letters just now: the reader is loaded once, over the radio. The shop’s machine may, or type the plate below.'
  })
}

/** Asks the shop's machine: what this device still makes of it does not count any more. */
async function elsewhere() {
  asked++
  clearTimeout(slow)
  busy.value = true
  offered.value = false
  said.value = ''
  await read(wordsElsewhere, (failed) => {
    offered.value = true
    return failed instanceof NoAnswer
      ? 'No answer from the shop’s machine: type the plate below.'
      : failed instanceof Error
        ? failed.message
        : String(failed)
  })
}

/**
 * @param letters which reader reads them
 * @param failed what is said where it cannot
 */
async function read(
  letters: (from: HTMLCanvasElement) => Promise<PlateWord[]>,
  failed: (fault: unknown) => string,
) {
  const mine = asked
  const from = picture!
  try {
    const read = await letters(from)
    senses ??= openSenses()
    const answer = await senses.ask<{ found: PlateFound[] }>('plate', { words: read })
    if (mine !== asked) return
    found.value = answer.found.map((one) => ({ ...one, picture: piece(from, one.place) }))
    if (!found.value.length) {
      said.value =
        'Nothing on it can be read for sure. Nearer, straight on, without glare; or type it below.'
    }
    offered.value = false
  } catch (fault) {
    if (mine === asked) said.value = failed(fault)
  } finally {
    if (mine === asked) {
      clearTimeout(slow)
      busy.value = false
    }
  }
}

const typed = (one: PlateFound) =>
  TEXTS.includes(one.field.path ?? '') ? one.value : Number(one.value)

function take(one: PlateFound) {
  if (one.field.path) emit('take', one.field.path, typed(one))
}

const isTaken = (one: PlateFound) =>
  one.field.path !== null && props.told(one.field.path) === typed(one)

/** Nothing that was told otherwise is written over but by a touch of its own. */
const sure = computed(() =>
  found.value.filter(
    (one) => one.sure && one.field.path && props.told(one.field.path) === undefined,
  ),
)
</script>

<template>
  <section class="plate stack" aria-label="Read the plate by the camera">
    <div class="row">
      <label class="quiet-button">
        {{ found.length ? 'Another picture of the plate' : 'Read the plate by the camera' }}
        <input
          type="file"
          name="plate-picture"
          accept="image/*"
          capture="environment"
          :disabled="busy"
          @change="pick"
        />
      </label>
      <span class="soft" role="status">{{
        busy ? 'Reading; some seconds.' : 'Read on this device; the picture is not kept.'
      }}</span>
    </div>
    <div v-if="photos?.length" class="row">
      <span class="soft">Or of the call’s own photos:</span>
      <button
        v-for="(photo, at) in photos"
        :key="photo.id"
        type="button"
        class="photo"
        :disabled="busy"
        :aria-label="`Read photo ${at + 1} of the motor’s plate`"
        @click="openPhoto(photo.url, photo.file)"
      >
        <KeptImage :src="photo.url" alt="Plate of the motor" />
      </button>
    </div>
    <p v-if="said" class="notice" role="alert">{{ said }}</p>
    <p v-if="offered">
      <button type="button" class="quiet-button" @click="elsewhere">
        Let the shop’s machine read it
      </button>
      <span class="soft"> The picture goes there to be read, and is not kept.</span>
    </p>
    <p v-if="code">
      Barcode <strong class="digits">{{ code }}</strong>
    </p>
    <template v-if="found.length">
      <p v-if="sure.length">
        <button type="button" class="main-button" @click="sure.forEach(take)">
          Take the {{ sure.length }} that {{ sure.length === 1 ? 'is' : 'are' }} plain
        </button>
      </p>
      <ul class="found">
        <li v-for="(one, at) in found" :key="at" :class="{ doubtful: !one.sure }">
          <img :src="one.picture" :alt="`Read: ${one.read}`" />
          <p>
            {{ one.field.title }}
            <strong class="digits">{{ one.value }}</strong> {{ one.field.unit }}
            <span v-if="one.why" class="why"><br />Look twice: {{ one.why }}.</span>
          </p>
          <button
            v-if="one.field.path"
            type="button"
            class="quiet-button"
            :disabled="isTaken(one)"
            @click="take(one)"
          >
            {{ isTaken(one) ? 'Taken' : 'Take' }}
          </button>
        </li>
      </ul>
      <p class="soft">
        Hold each against its piece of the picture: what is bought and wired goes by it.
      </p>
    </template>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}

label {
  display: inline-flex;
  align-items: center;
  cursor: pointer;
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

.photo {
  padding: 0;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: none;
  cursor: pointer;
}

.photo img {
  display: block;
  width: 96px;
  height: 64px;
  object-fit: cover;
  border-radius: 3px;
}

.found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 8px 24px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.found li {
  display: grid;
  grid-template-columns: 130px 1fr auto;
  align-items: center;
  gap: 12px;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}

.found img {
  width: 130px;
  max-height: 64px;
  object-fit: contain;
  background: var(--paper);
}

.why {
  font-weight: 600;
  color: var(--suspect);
}

@media (max-width: 400px) {
  .found {
    grid-template-columns: 1fr;
  }
}
</style>
