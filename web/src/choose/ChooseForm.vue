<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Fit, Way } from '../api/types'
import { routeTitle } from '../catalogue/catalogue'
import { goingOn } from './choice'
import { attributeTitle, placeTitle } from './words'

/** The choice itself: with which motor, and what is then to be done while it is fitted. */
const props = defineProps<{ way: Way; fits: Fit[] }>()
const emit = defineEmits<{
  decide: [how: { candidate?: string; done: string[] }]
  close: []
}>()

const motors = computed(() => goingOn(props.fits, props.way.route))
const motor = ref(
  motors.value.find((one) => one.motor.candidate.id === props.way.candidate)?.motor.candidate.id ??
    '',
)
const done = ref<string[]>([])
const asked = computed(
  () =>
    motors.value
      .find((one) => one.motor.candidate.id === motor.value)
      ?.match.points.filter((one) => one.state === 'CHANGE') ?? [],
)
/** A voltage link set the wrong way destroys the motor: it is read before it is chosen. */
const unread = computed(
  () => asked.value.some((one) => one.attribute === 'volts') && !done.value.includes('volts'),
)

function decide() {
  emit('decide', {
    candidate: motor.value || undefined,
    done: done.value.filter((one) => asked.value.some((point) => point.attribute === one)),
  })
}
</script>

<template>
  <form
    class="card stack"
    :aria-label="`Choose: ${routeTitle(way.route)}`"
    @submit.prevent="decide"
  >
    <h2>Choose: {{ routeTitle(way.route) }}</h2>
    <p v-if="way.state === 'CONDITIONAL'" class="notice">
      It still waits for: {{ way.reasons.map((one) => one.sentence).join(' ') }}
    </p>
    <fieldset v-if="motors.length">
      <legend>With which motor</legend>
      <label v-for="one in motors" :key="one.motor.candidate.id" class="tick">
        <input v-model="motor" type="radio" name="motor" :value="one.motor.candidate.id" />
        <span
          ><strong>{{ one.motor.candidate.id }}</strong>
          <span class="soft">, {{ placeTitle(one.motor.at) }}</span></span
        >
      </label>
      <label class="tick">
        <input v-model="motor" type="radio" name="motor" value="" />
        <span>Another one, not in the list</span>
      </label>
    </fieldset>
    <fieldset v-if="asked.length">
      <legend>To be done or looked at while it is fitted; tick what is understood</legend>
      <label v-for="point in asked" :key="point.attribute" class="tick">
        <input v-model="done" type="checkbox" :value="point.attribute" />
        <span
          ><strong>{{ attributeTitle(point.attribute) }}.</strong> {{ point.sentence }}</span
        >
      </label>
    </fieldset>
    <p v-if="unread" class="soft">
      Tick the voltage first: set the wrong way it destroys the motor.
    </p>
    <p class="row">
      <button type="submit" class="main-button" :disabled="unread">
        Choose {{ routeTitle(way.route).toLowerCase() }}
      </button>
      <button type="button" class="link-button" @click="emit('close')">Not yet</button>
    </p>
  </form>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  margin-bottom: 4px;
  padding: 0;
  font-weight: 650;
}

.tick {
  padding: 4px 0;
  border-top: 1px solid var(--rule);
}
</style>
