<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref, useTemplateRef } from 'vue'
import { openSenses } from '../core/core'
import TopBar from '../shared/TopBar.vue'
import { words } from '../plates/letters'
import type { PlateFound } from '../plates/letters'
import LightTrace from './LightTrace.vue'
import { drawPlate } from './practicePlate'
import type { LampSeen, SpeedHeard, StartsHeard } from './senses'

/** Lamps, plates, wheels and starts that were made up: count, read and listen, then see what is true. */
type Kind = 'lamp' | 'plate' | 'fan' | 'motor'

interface Truth {
  code?: string
  lamps?: number
  blades?: number
  rpm?: number
  second?: number | null
  tries?: number
  shape?: string
  lines?: string[]
  says?: { field: PlateFound['field']; value: string }[]
  /** Which of what it says is asked for. */
  asked?: { field: PlateFound['field']; value: string }
}

/** A picture of a lamp is so many pixels wide; one is drawn as often as a camera gives one [ms]. */
const SIDE = 48
const FRAME = 36

const kind = ref<Kind>('lamp')
const truth = ref<Truth | null>(null)
const told = ref('')
const shown = ref(false)
const seen = ref<LampSeen | null>(null)
const said = ref('')
const found = ref<PlateFound[]>([])
const fault = ref('')
const canvas = useTemplateRef('canvas')
const plate = useTemplateRef('plate')
let senses: ReturnType<typeof openSenses> | null = null
let frames: ReturnType<typeof setInterval> | undefined
let sound: { context: AudioContext; samples: Float32Array; rate: number } | null = null

async function begin(what: Kind) {
  end()
  kind.value = what
  truth.value = null
  told.value = ''
  shown.value = false
  seen.value = null
  said.value = ''
  found.value = []
  fault.value = ''
  const seed = 1 + Math.floor(Math.random() * 1_000_000)
  const mine = openSenses()
  senses = mine
  try {
    if (what === 'lamp') {
      const made = await mine.ask<Truth>('film', { seed })
      await mine.ask('watch', { lamps: made.lamps })
      truth.value = made
      frames = setInterval(() => void draw(mine), FRAME)
    } else if (what === 'plate') {
      const made = await mine.ask<Truth>('madePlate', { seed })
      const asked = made.says!.filter((one) => one.field.path)
      truth.value = { ...made, asked: asked[Math.floor(Math.random() * asked.length)] }
      await nextTick()
      if (plate.value) drawPlate(plate.value, made.lines!)
    } else {
      const made = await mine.ask<Truth & { rate: number; samples: Float32Array }>(what, { seed })
      truth.value = made
      await mine.ask('listen', { rate: made.rate, mains: 60 })
      await mine.ask('hear', { samples: made.samples })
      if (mine === senses) play(made.samples, made.rate)
    }
  } catch {
    if (mine === senses) fault.value = 'The rules could not be loaded. Try when there is a radio.'
  }
}

let drawing = false
async function draw(mine: ReturnType<typeof openSenses>) {
  if (drawing || document.hidden) return
  drawing = true
  try {
    const frame = await mine.ask<{ at: number; pictures: Uint8ClampedArray<ArrayBuffer>[] }>(
      'nextFrame',
      {},
    )
    await mine.ask('frame', frame)
    const pen = canvas.value?.getContext('2d')
    frame.pictures.forEach((picture, lamp) =>
      pen?.putImageData(new ImageData(picture, SIDE, SIDE), lamp * (SIDE + 4), 0),
    )
  } catch {
    clearInterval(frames)
  } finally {
    drawing = false
  }
}

function play(samples: Float32Array, rate: number) {
  sound?.context.close().catch(() => {})
  const context = new AudioContext()
  const buffer = context.createBuffer(1, samples.length, rate)
  buffer.copyToChannel(new Float32Array(samples), 0)
  const source = context.createBufferSource()
  source.buffer = buffer
  source.connect(context.destination)
  source.start()
  sound = { context, samples, rate }
}

/** What the telephone makes of the same, and what is true. */
async function solve() {
  const mine = senses
  if (!mine || !truth.value) return
  shown.value = true
  if (kind.value === 'lamp') {
    seen.value = await mine.ask<LampSeen>('seen', {})
    said.value = seen.value.sentence
  } else if (kind.value === 'plate') {
    await readPlate(mine)
  } else if (kind.value === 'fan') {
    said.value = (await mine.ask<SpeedHeard>('speed', { blades: truth.value.blades })).sentence
  } else {
    said.value = (await mine.ask<StartsHeard>('starts', {})).sentence
  }
}

async function readPlate(mine: ReturnType<typeof openSenses>) {
  said.value = 'reads, which takes some seconds.'
  try {
    const read = await words(plate.value!)
    const answer = await mine.ask<{ found: PlateFound[] }>('plate', { words: read })
    if (mine !== senses) return
    found.value = answer.found
    said.value = answer.found.length ? 'read this:' : 'could read nothing for sure.'
  } catch {
    if (mine === senses) said.value = 'cannot read letters here until the reader was loaded once.'
  }
}

/** What was made to stand there, beside what the telephone read. */
const rows = computed(() =>
  (truth.value?.says ?? []).map(({ field, value }) => {
    const one = found.value.find((each) => each.field.id === field.id)
    return {
      title: field.title,
      value,
      read: one?.value ?? '–',
      verdict: !one
        ? 'not read'
        : !one.sure
          ? 'look twice'
          : one.value === value
            ? 'right'
            : 'wrong',
    }
  }),
)

function end() {
  clearInterval(frames)
  senses?.close()
  senses = null
  sound?.context.close().catch(() => {})
  sound = null
}
onBeforeUnmount(end)

const SHAPES: Record<string, string> = {
  GAVE_UP: 'tries and gives up',
  LONG_RUN_STOPS: 'runs long, stops, comes back',
  NO_CHANGE: 'nothing starts',
}
/** A half is 1/2, 0.5 and .5. */
function isSame(own: string, value: string) {
  const [top, under] = own.split('/').map(Number)
  const figure = under ? top! / under : Number(own)
  return own === value || (!value.includes('-') && Math.abs(figure - Number(value)) < 0.004)
}

const QUESTIONS = {
  lamp: () => 'Which code?',
  plate: () =>
    [truth.value?.asked?.field.title, truth.value?.asked?.field.unit].filter(Boolean).join(', ') +
    '?',
  fan: () => 'How fast, r/min?',
  motor: () => 'How many tries?',
}

const isTrue = computed(() => {
  const now = truth.value
  if (!now) return ''
  if (kind.value === 'lamp') return `It told ${now.code}.`
  if (kind.value === 'plate') return `${now.asked!.field.title}: ${now.asked!.value}.`
  if (kind.value === 'fan') {
    return now.second
      ? `Two fans: ${Math.round(now.rpm!)} and ${Math.round(now.second)} r/min.`
      : `It turned at ${Math.round(now.rpm!)} r/min.`
  }
  return `${SHAPES[now.shape!]}${now.tries ? `: ${now.tries} times` : ''}.`
})
const isRight = computed(() => {
  const now = truth.value
  const own = told.value.trim().toUpperCase()
  if (!now || !own) return null
  if (kind.value === 'lamp') return own === now.code
  if (kind.value === 'plate') return isSame(own, now.asked!.value)
  const number = Number(own)
  return kind.value === 'fan' ? Math.abs(number - now.rpm!) < 0.03 * now.rpm! : number === now.tries
})
</script>

<template>
  <TopBar title="Practice: eyes and ears" />
  <main class="page">
    <section class="card stack">
      <p>
        Made up, as a roof and a crawl space are: a hand that shakes, light that changes, wind and
        voices. Count, read or listen, write what you think, then see what is true and what the
        telephone made of it.
      </p>
      <div class="row">
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="kind === 'lamp' && !!truth"
          @click="begin('lamp')"
        >
          A lamp
        </button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="kind === 'plate' && !!truth"
          @click="begin('plate')"
        >
          A plate
        </button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="kind === 'fan' && !!truth"
          @click="begin('fan')"
        >
          A wheel that turns
        </button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="kind === 'motor' && !!truth"
          @click="begin('motor')"
        >
          A motor that starts
        </button>
      </div>
      <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
      <template v-if="truth">
        <canvas
          v-show="kind === 'lamp'"
          ref="canvas"
          :width="(truth.lamps ?? 1) * (SIDE + 4) - 4"
          :height="SIDE"
          role="img"
          aria-label="A board's lamp, as a camera sees it"
        />
        <canvas
          v-show="kind === 'plate'"
          ref="plate"
          class="drawn"
          role="img"
          aria-label="A motor's plate, as a camera sees it"
        />
        <p v-if="kind === 'fan' || kind === 'motor'">
          It plays now, if this device has a loudspeaker.
          <button
            type="button"
            class="quiet-button"
            @click="sound && play(sound.samples, sound.rate)"
          >
            Once more
          </button>
          <span v-if="truth.blades"> The wheel has {{ truth.blades }} blades.</span>
        </p>
        <form class="row" @submit.prevent="solve">
          <label>
            {{ QUESTIONS[kind]() }}
            <input v-model="told" name="told" maxlength="12" autocomplete="off" />
          </label>
          <button type="submit" class="main-button">What is true?</button>
        </form>
        <div v-if="shown" role="status" class="stack">
          <p>
            <strong>{{ isTrue }}</strong>
            <span v-if="isRight !== null"> {{ isRight ? 'You had it.' : 'You had another.' }}</span>
          </p>
          <p class="soft">The telephone: {{ said }}</p>
          <LightTrace v-if="seen" :seen="seen" />
          <table v-if="found.length">
            <thead>
              <tr>
                <th>It says</th>
                <td></td>
                <th>Read</th>
                <td></td>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in rows" :key="row.title">
                <td>{{ row.title }}</td>
                <td class="digits">{{ row.value }}</td>
                <td class="digits">{{ row.read }}</td>
                <td :class="{ wrong: row.verdict === 'wrong' }">{{ row.verdict }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </section>
    <p><router-link to="/practice">Practice</router-link></p>
  </main>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px;
}

td,
th {
  padding: 4px 10px 4px 0;
  text-align: left;
}

.wrong {
  font-weight: 700;
  color: var(--failed);
}

canvas {
  height: 240px;
  max-width: 100%;
  justify-self: start;
  border-radius: 8px;
  background: #000;
  image-rendering: pixelated;
}

canvas.drawn {
  height: auto;
  image-rendering: auto;
}

label {
  display: grid;
  gap: 4px;
  font-weight: 650;
}

input {
  width: 160px;
  min-height: var(--target);
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
}
</style>
