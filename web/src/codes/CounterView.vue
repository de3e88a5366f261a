<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { request } from '../api/client'
import type { BlinkReading, Hit } from '../api/types'
import { provideCall } from '../call/call'
import { loadCatalogue, signalTitle, suspectTitle } from '../catalogue/catalogue'
import PhaseQuestion from '../call/PhaseQuestion.vue'
import LampCamera from '../senses/LampCamera.vue'
import type { LampSeen } from '../senses/senses'
import { count as countHere } from '../core/core'
import { session } from '../session/session'
import TopBar from '../shared/TopBar.vue'
import { inWords, useNewest } from '../shared/newest'
import { findCodes } from './lookup'

/** Counts a lamp for a person who taps along with it, and looks the code up. */
const props = defineProps<{ call?: string }>()

interface Tap {
  down: number
  up: number
  lamp: number
}

/** After the last tap the pause is looked at again and again, until the round must be over [ms]. */
const LOOKS = [900, 1600, 2400, 3400, 5000]

const router = useRouter()
const open = props.call ? provideCall(props.call) : null
const place = computed(() => open?.loaded.value?.particulars.place ?? '')
const taps = ref<Tap[]>([])
const pressed = ref<(number | null)[]>([null, null])
const reading = ref<BlinkReading | null>(null)
const shown = ref('')
const hits = ref<Hit[] | null>(null)
/** Tapped along, or counted by the camera. */
const byCamera = ref(false)
const lamp = ref<LampSeen | null>(null)
let looked = ''
const { ask, fault, forget } = useNewest((failed) => `${inWords(failed)} The taps are kept.`)
let begin = 0
let timers: ReturnType<typeof setTimeout>[] = []

const now = () => performance.now() / 1000 - begin

onMounted(async () => {
  await loadCatalogue().catch(() => {})
  await open?.load()
})
onBeforeUnmount(() => timers.forEach(clearTimeout))
useEventListener(window, 'keydown', keyDown)
useEventListener(window, 'keyup', keyUp)

/** The space bar taps the first lamp, the letter k the second. */
const lampOf = (event: KeyboardEvent) =>
  byCamera.value || event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey
    ? -1
    : event.key === ' '
      ? 0
      : event.key.toLowerCase() === 'k'
        ? 1
        : -1

function keyDown(event: KeyboardEvent) {
  const lamp = lampOf(event)
  if (lamp < 0) return
  event.preventDefault()
  if (!event.repeat) down(lamp)
}

function keyUp(event: KeyboardEvent) {
  const lamp = lampOf(event)
  if (lamp >= 0) {
    event.preventDefault()
    up(lamp)
  }
}

function down(lamp: number) {
  if (!taps.value.length && pressed.value.every((at) => at === null)) {
    begin = performance.now() / 1000
  }
  pressed.value[lamp] = now()
}

function up(lamp: number) {
  const at = pressed.value[lamp]
  if (at === null || at === undefined) return
  pressed.value[lamp] = null
  taps.value.push({ down: at, up: Math.max(at, now()), lamp })
  hits.value = null
  timers.forEach(clearTimeout)
  timers = LOOKS.map((wait) => setTimeout(() => void count(), wait))
  void count()
}

const found = (pattern: string) => findCodes({ pattern })

/** Counted here, with the radio off too; where the rules cannot be had, by the server. */
async function counting() {
  const at = now()
  try {
    return await countHere(taps.value, at)
  } catch {
    const presses = taps.value
    return request<BlinkReading>('POST', '/api/codes/count', { presses, now: at })
  }
}

const count = () =>
  ask(
    async () => {
      const counted = await counting()
      const agreed = counted.state === 'AGREED' && counted.code
      return { counted, hits: agreed ? await found(agreed) : hits.value }
    },
    (answer) => {
      reading.value = answer.counted
      hits.value = answer.hits
    },
  )

/** What the camera counted is looked up once it is sure, and not at each look. */
function seen(now: LampSeen | null) {
  lamp.value = now
  const codes = now?.codes.join(' ') ?? ''
  if (codes === looked) return
  looked = codes
  if (!now?.codes.length) {
    hits.value = null
    return
  }
  void ask(
    async () => (await Promise.all(now.codes.map(found))).flat(),
    (answer) => (hits.value = answer),
  )
}

function turn(camera: boolean) {
  again()
  byCamera.value = camera
  lamp.value = null
  looked = ''
  hits.value = null
}

/** What stands large: a code, or the two that a look does not tell apart. */
const code = computed(() =>
  byCamera.value ? (lamp.value?.codes.join(' or ') ?? '') : (reading.value?.code ?? ''),
)
const state = computed(() =>
  byCamera.value
    ? lamp.value?.codes.length === 1
      ? 'agreed'
      : ''
    : (reading.value?.state.toLowerCase() ?? ''),
)
const counted = computed(() => (byCamera.value ? lamp.value?.reading : reading.value))
const sentence = computed(() =>
  byCamera.value
    ? (lamp.value?.sentence ?? 'The camera is off.')
    : (reading.value?.sentence ?? 'Nothing tapped yet.'),
)
const lampColours = computed(() => (lamp.value?.colours ?? []).filter(Boolean).join(' and '))

const sorted = computed(() =>
  [...(hits.value ?? [])].sort(
    (one, other) =>
      Number(other.row.signal === counted.value?.kind) -
      Number(one.row.signal === counted.value?.kind),
  ),
)

async function lookShown() {
  const pattern = shown.value.trim()
  if (!pattern) return
  await ask(
    () => found(pattern),
    (answer) => (hits.value = answer),
  )
}

function again() {
  timers.forEach(clearTimeout)
  forget()
  taps.value = []
  reading.value = null
  hits.value = null
  fault.value = ''
}

function undo() {
  taps.value.pop()
  void count()
}

async function take(hit: Hit) {
  if (!open) return
  const how = byCamera.value ? { taken: { note: 'by camera' } } : {}
  await open.record('code', { book: hit.name, code: hit.row.pattern }, how)
  if (hit.row.suspects.length) await open.record('code.suspects', [...hit.row.suspects])
  await router.push(`/calls/${open.id}/prove`)
}

const sure = computed(() => {
  const share = reading.value?.sure ?? 0
  const words = share >= 0.98 ? 'sure' : share >= 0.9 ? 'fairly sure' : 'not sure'
  return `${words}, ${share >= 0.995 ? 'over 99' : Math.round(100 * share)} %`
})

/** The taps as they came, drawn along a line of time. */
const strip = computed(() => {
  const end = Math.max(8, taps.value.at(-1)?.up ?? 0)
  return taps.value.map((tap) => ({
    x: (100 * tap.down) / end,
    width: Math.max(0.7, (100 * (tap.up - tap.down)) / end),
    y: tap.lamp ? 15 : 3,
  }))
})
</script>

<template>
  <TopBar title="Count a code" :detail="place" />
  <main class="page beside">
    <section class="card stack">
      <div class="ways" role="group" aria-label="How it is counted">
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="!byCamera"
          @click="byCamera && turn(false)"
        >
          Tap along
        </button>
        <button
          type="button"
          class="quiet-button"
          :aria-pressed="byCamera"
          @click="byCamera || turn(true)"
        >
          By the camera
        </button>
      </div>
      <LampCamera v-if="byCamera" @seen="seen" />
      <template v-else>
        <p class="lead">
          Tap along with the lamp: press as it lights, let go as it goes out. Let the pause pass,
          and count a second round.
        </p>
        <div class="keys">
          <button
            type="button"
            class="lamp"
            :class="{ lit: pressed[0] !== null }"
            @pointerdown.prevent="down(0)"
            @pointerup="up(0)"
            @pointercancel="up(0)"
            @pointerleave="up(0)"
          >
            Lamp <span class="key only-wide">space</span>
          </button>
          <button
            type="button"
            class="lamp second"
            :class="{ lit: pressed[1] !== null }"
            @pointerdown.prevent="down(1)"
            @pointerup="up(1)"
            @pointercancel="up(1)"
            @pointerleave="up(1)"
          >
            Second lamp, if there is one <span class="key only-wide">k</span>
          </button>
        </div>
        <svg class="strip" viewBox="0 0 100 26" preserveAspectRatio="none" aria-hidden="true">
          <line x1="0" y1="12.5" x2="100" y2="12.5" />
          <rect
            v-for="(tap, index) in strip"
            :key="index"
            :x="tap.x"
            :y="tap.y"
            :width="tap.width"
            height="8"
          />
        </svg>
      </template>
      <div class="result" role="status">
        <p v-if="code" class="code digits" :class="state">{{ code }}</p>
        <p>
          <strong>{{ sentence }}</strong>
          <span v-if="!byCamera && reading?.code && reading.state !== 'COUNTING'" class="soft">
            <br />{{ signalTitle(reading.kind) }}; {{ sure }}.
          </span>
          <span v-if="byCamera && lampColours" class="soft"
            ><br />The lamp looks {{ lampColours }}.</span
          >
        </p>
      </div>
      <ul v-if="counted?.rounds.length" class="rounds" aria-label="Rounds">
        <li v-for="(round, index) in counted.rounds" :key="index">
          Round {{ index + 1 }} <strong class="digits">{{ round.code }}</strong>
          <span v-if="round.missed" class="soft"> {{ round.missed }} filled in</span>
          <span v-if="round.doubled" class="soft"> {{ round.doubled }} doubled</span>
        </li>
      </ul>
      <p v-if="fault" class="notice failed" role="alert">
        {{ fault }} <button type="button" class="link-button" @click="count">Try again</button>
      </p>
      <p v-if="!byCamera" class="row">
        <button type="button" class="quiet-button" :disabled="!taps.length" @click="again">
          Start again
        </button>
        <button type="button" class="link-button" :disabled="!taps.length" @click="undo">
          Undo the last tap
        </button>
      </p>
    </section>
    <section class="card stack">
      <form class="shown" @submit.prevent="lookShown">
        <label>
          Or a display shows
          <el-input v-model="shown" name="shown" maxlength="12" autocapitalize="none" />
        </label>
        <button type="submit" class="quiet-button">Look it up</button>
      </form>
      <template v-if="hits">
        <h2>In the code books</h2>
        <p v-if="!hits.length">
          No book has it. <router-link to="/codes">Add it to a book</router-link>, or go on without:
          a code only moves suspicion.
        </p>
        <PhaseQuestion v-if="open?.loaded.value" />
        <ul class="hits plain">
          <li v-for="hit in sorted" :key="hit.book + hit.row.line + hit.row.signal">
            <p>
              <strong class="digits">{{ hit.row.pattern }}</strong> {{ hit.row.meaning }}
              <br /><span class="soft">
                {{ hit.row.line }}, {{ signalTitle(hit.row.signal).toLowerCase() }}
              </span>
              <br /><span v-if="hit.row.suspects.length" class="soft">
                Raises {{ hit.row.suspects.map(suspectTitle).join(', ').toLowerCase() }}.
              </span>
            </p>
            <button
              v-if="open"
              type="button"
              class="quiet-button"
              :disabled="!open.phase.value"
              @click="take(hit)"
            >
              Take it to the call
            </button>
          </li>
        </ul>
        <p class="notice">
          A code names what the board saw, not the part. Check in this order: connector, spin by
          hand, voltage at the connector, and only then the part.
        </p>
      </template>
    </section>
    <router-link v-if="call" :to="`/calls/${call}/hear`">Back to the call</router-link>
    <router-link v-else-if="session.account" to="/codes">Code books</router-link>
  </main>
</template>

<style scoped>
.lead {
  font-size: 1.0625rem;
}

.ways {
  display: flex;
  gap: 8px;
}

.ways button {
  flex: 1;
}

.keys {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 10px;
}

.lamp {
  min-height: 190px;
  padding: 12px;
  border: 3px solid var(--ink);
  border-radius: 10px;
  background: var(--paper);
  font-size: 1.25rem;
  font-weight: 700;
  cursor: pointer;
  touch-action: none;
  user-select: none;
}

.second {
  border-style: dashed;
  font-size: 1rem;
}

.lit {
  background: var(--copper);
  border-color: var(--copper);
  color: var(--on-copper);
}

.strip {
  width: 100%;
  height: 34px;
}

.strip line {
  stroke: var(--rule);
  stroke-width: 0.5;
}

.strip rect {
  fill: var(--copper);
}

.result {
  display: flex;
  align-items: center;
  gap: 18px;
  min-height: 78px;
}

.code {
  padding: 4px 18px;
  border: 3px dashed var(--rule-strong);
  border-radius: 8px;
  font-size: 2.75rem;
  font-weight: 700;
  line-height: 1.2;
}

.code.agreed {
  border: 3px solid var(--good);
  color: var(--good);
}

.code.disagree {
  border-color: var(--suspect);
  color: var(--suspect);
}

.rounds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.shown {
  display: flex;
  align-items: end;
  gap: 10px;
}

.shown label {
  flex: 1;
  display: grid;
  gap: 4px;
  font-weight: 650;
}

.hits {
  margin: 0;
  padding: 0;
  list-style: none;
}

.hits li {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}

@media (max-width: 719px) {
  .counter {
    grid-template-columns: 1fr;
  }

  .lamp {
    min-height: 200px;
  }
}
</style>
