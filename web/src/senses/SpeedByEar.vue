<script setup lang="ts">
import { computed, ref } from 'vue'
import AloudButton from './AloudButton.vue'
import type { SpeedHeard } from './senses'
import { say } from './spoken'
import { useEar } from './useEar'

/** The speed of a wheel, from the tones of its blades. */
defineProps<{ ofCall: boolean }>()
const emit = defineEmits<{ take: [fact: string, value: string | number, note: string] }>()

const USUAL = [3, 4, 5, 6, 7]
const blades = ref<number | undefined>()
const heard = ref<SpeedHeard | null>(null)
const taken = ref('')
const ear = useEar<SpeedHeard>(
  'speed',
  () => ({ blades: count.value ?? 0 }),
  (answer) => {
    heard.value = answer
    if (answer.state === 'HEARD') say(`${answer.rpm} turns a minute`)
  },
)
const { listening, fault, began } = ear

/** A wheel has from two blades to a hundred; anything else was not counted. */
const count = computed(() => {
  const told = blades.value
  return told && Number.isInteger(told) && told >= 2 && told <= 100 ? told : undefined
})

function tell(number: number | undefined) {
  blades.value = number
  if (began.value) void ear.look()
}

function listen() {
  taken.value = ''
  heard.value = null
  void ear.listen()
}

/** Its tones over the first fifteen hundred hertz. */
const bars = computed(() => {
  const picture = heard.value?.picture
  return (picture?.above ?? []).map((above, at) => ({
    x: (at * 100) / 300,
    high: Math.max(0, Math.min(30, above)),
  }))
})
const marks = computed(() =>
  (heard.value?.tones ?? [])
    .filter((tone) => tone.hertz < 1500)
    .map((tone) => ({ x: tone.hertz / 15, harmonic: tone.harmonic })),
)

/** Of a wheel with more than one speed there are two to take: whether it follows is seen by both. */
const TAKEN = {
  'rotor.rpm': 'Call for more air, or the only one',
  'rotor.rpm.less': 'Call set for less air',
}

function take(fact: string) {
  const now = heard.value
  if (!now?.rpm) return
  ear.end()
  emit('take', fact, now.rpm, `by ear, ${now.low} to ${now.high}, ${count.value} blades`)
  taken.value = fact
}
</script>

<template>
  <div class="stack">
    <fieldset class="question">
      <legend>How many blades has the wheel?</legend>
      <div class="options">
        <button
          v-for="number in USUAL"
          :key="number"
          type="button"
          class="quiet-button digits"
          :aria-pressed="blades === number"
          @click="tell(blades === number ? undefined : number)"
        >
          {{ number }}
        </button>
        <label class="other">
          or
          <input
            :value="blades && !USUAL.includes(blades) ? blades : ''"
            name="blades"
            inputmode="numeric"
            autocomplete="off"
            maxlength="3"
            aria-label="Another number of blades"
            @input="tell(Number(($event.target as HTMLInputElement).value) || undefined)"
          />
        </label>
      </div>
      <p class="soft">
        Power off, count them. Usual: a propeller has 3 to 5, a plug fan 6 to 9; the drum of a
        blower has some 30 to 60, and one blade too few makes a wrong speed.
      </p>
    </fieldset>
    <div class="row">
      <button v-if="!listening" type="button" class="main-button begin" @click="listen">
        {{ began ? 'Listen again' : 'Listen' }}
      </button>
      <button v-else type="button" class="main-button begin" @click="ear.end">
        That is enough
      </button>
      <AloudButton />
    </div>
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} Type the speed where it is asked for.
    </p>
    <div v-if="heard" class="result" role="status">
      <p v-if="heard.state === 'HEARD'" class="speed">
        <span class="digits">{{ heard.rpm }}</span> <span class="soft">r/min</span>
      </p>
      <p>
        <strong>{{ heard.sentence }}</strong>
      </p>
    </div>
    <svg
      v-if="bars.length"
      class="tones"
      viewBox="0 0 100 34"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <line
        v-for="mark in marks"
        :key="mark.harmonic"
        :x1="mark.x"
        :x2="mark.x"
        y1="0"
        y2="32"
        class="mark"
      />
      <rect
        v-for="bar in bars"
        :key="bar.x"
        :x="bar.x"
        :y="32 - bar.high"
        width="0.34"
        :height="bar.high"
      />
    </svg>
    <p v-if="bars.length" class="soft scale"><span>0 Hz</span><span>1500 Hz</span></p>
    <template v-if="heard?.state === 'HEARD' && ofCall">
      <p>Take {{ heard.rpm }} r/min, heard on the:</p>
      <p class="row">
        <button
          v-for="(title, fact) in TAKEN"
          :key="fact"
          type="button"
          :class="fact === 'rotor.rpm' ? 'main-button' : 'quiet-button'"
          :disabled="taken === fact"
          @click="take(fact)"
        >
          {{ taken === fact ? 'Taken' : title }}
        </button>
      </p>
    </template>
    <p class="soft">
      A whine of the motor itself can be taken for the blades. Where it counts, change the speed and
      listen again, or hold a tachometer to it.
    </p>
  </div>
</template>

<style scoped>
.begin {
  min-height: 64px;
  flex: 1;
  font-size: 1.125rem;
}

.row {
  display: flex;
  gap: 8px;
}

.other {
  display: inline-flex;
  align-items: center;
  gap: 8px;
}

.other input {
  width: 72px;
  min-height: var(--target);
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
}

.speed {
  font-size: 2.75rem;
  font-weight: 700;
  line-height: 1.2;
}

.speed .soft {
  font-size: 1.125rem;
}

.tones {
  width: 100%;
  height: 120px;
  background: var(--paper);
}

.tones rect {
  fill: var(--ink);
}

.mark {
  stroke: var(--copper);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}

.scale {
  display: flex;
  justify-content: space-between;
}
</style>
