<script setup lang="ts">
import { computed, ref } from 'vue'
import type { WiringDoc } from './types'
import { callTitle } from './words'

/** Calls of a wiring without a plan: what is raised, and what the motor must then do. */
const props = defineProps<{ wiring: WiringDoc }>()
const emit = defineEmits<{
  add: [call: { name: string; on: string[]; motor: string }]
  off: [name: string]
}>()

const name = ref('')
const on = ref<string[]>([])
const must = ref('OFF')
const fault = ref('')

const words = computed(() => [
  ...new Set(props.wiring.parts.flatMap((part) => part.call ?? part.when ?? [])),
])
const motors = computed(() => props.wiring.parts.find((part) => part.type.startsWith('MOTOR')))
const states = computed(() => {
  const speeds = motors.value?.speeds
  return ['OFF', ...(Array.isArray(speeds) ? speeds : ['RUN'])]
})

function add() {
  const called = name.value.trim()
  if (!called) {
    fault.value = 'Give the call a name.'
    return
  }
  fault.value = ''
  emit('add', { name: called, on: on.value, motor: must.value })
  name.value = ''
  on.value = []
}
</script>

<template>
  <details class="fold" open>
    <summary>
      <h2>Calls to run</h2>
      <span class="soft">{{ wiring.calls.map((one) => callTitle(one.name)).join(', ') }}</span>
    </summary>
    <ul class="plain">
      <li v-for="call in wiring.calls" :key="call.name" class="row">
        <strong>{{ callTitle(call.name) }}</strong>
        <span class="soft">{{ call.on?.join(', ') || 'nothing raised' }}</span>
        <button type="button" class="link-button" @click="emit('off', call.name)">Remove</button>
      </li>
    </ul>
    <form class="row form" @submit.prevent="add">
      <label class="named">
        Call <el-input v-model="name" name="call-name" autocomplete="off" />
      </label>
      <fieldset v-if="words.length" class="question">
        <legend>Raised</legend>
        <label v-for="word in words" :key="word" class="tick">
          <input v-model="on" type="checkbox" :value="word" /> {{ word }}
        </label>
      </fieldset>
      <label class="named">
        The motor must
        <select v-model="must" name="call-must">
          <option v-for="state in states" :key="state" :value="state">
            {{ state === 'OFF' ? 'stand' : state === 'RUN' ? 'run' : `run at ${state}` }}
          </option>
        </select>
      </label>
      <button class="quiet-button">Add</button>
    </form>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </details>
</template>

<style scoped>
.form {
  align-items: end;
  gap: 10px 14px;
}
</style>
