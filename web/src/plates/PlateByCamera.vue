<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import { openSenses } from '../core/core'
import { barcode, drawn, piece, words } from './letters'
import type { PlateFound } from './letters'

/**
 * A picture of a plate, read on this device: each thing beside its piece of the picture, taken with
 * one touch. The picture is not kept.
 */
const props = defineProps<{ told: (path: string) => unknown }>()
const emit = defineEmits<{ take: [path: string, value: string | number] }>()

const TEXTS = ['motor.volts', 'motor.frame']

interface Shown extends PlateFound {
  picture: string
}

const found = ref<Shown[]>([])
const code = ref('')
const busy = ref(false)
const said = ref('')
let senses: ReturnType<typeof openSenses> | null = null
let asked = 0

onBeforeUnmount(() => {
  asked++
  senses?.close()
})

async function read(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  const mine = ++asked
  busy.value = true
  said.value = ''
  found.value = []
  code.value = ''
  try {
    const picture = await drawn(file)
    const [read, bars] = await Promise.all([words(picture), barcode(picture)])
    senses ??= openSenses()
    const answer = await senses.ask<{ found: PlateFound[] }>('plate', { words: read })
    if (mine !== asked) return
    code.value = bars
    found.value = answer.found.map((one) => ({ ...one, picture: piece(picture, one.place) }))
    if (!found.value.length && !bars) {
      said.value =
        'Nothing on it can be read for sure. Nearer, straight on, without glare; or type it below.'
    }
  } catch {
    if (mine === asked) {
      said.value =
        'This device cannot read letters just now: the reader is loaded once, over the radio. Type the plate below.'
    }
  } finally {
    if (mine === asked) busy.value = false
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
          @change="read"
        />
      </label>
      <span class="soft" role="status">{{
        busy ? 'Reading; some seconds.' : 'Read on this device; the picture is not kept.'
      }}</span>
    </div>
    <p v-if="said" class="notice" role="alert">{{ said }}</p>
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
