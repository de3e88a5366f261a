<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Part } from './types'
import { TYPES } from './words'

/** A part more: its kind, its name, and what the run must know of it. */
const props = defineProps<{ parts: Part[] }>()
const emit = defineEmits<{ add: [part: Part] }>()

const NAMES: Record<string, string> = {
  LINE_240: 'SRC',
  LINE_120: 'SRC',
  LINE_3PH: 'SRC',
  TRANSFORMER: 'TR',
  OUTPUT: 'O',
  CONTACT: 'DF',
  RELAY: 'K',
  CONTACTOR: 'CT',
  OVERLOAD: 'OL',
  MOTOR_PSC: 'M',
  MOTOR_3PH: 'M',
  CAPACITOR: 'CAP',
  ADAPTER: 'AD',
  JOINT: 'J',
}

const type = ref('RELAY')
const call = ref('')
const closed = ref(true)
const electronic = ref(true)
const speeds = ref('HIGH, LOW')
const fault = ref('')

const id = computed(() => {
  const name = NAMES[type.value]!
  const taken = (one: string) => props.parts.some((part) => part.id === one)
  if (name !== 'K' && name !== 'O' && !taken(name)) return name
  let n = 1
  while (taken(`${name}${n}`)) n++
  return `${name}${n}`
})

function add() {
  const part: Part = { id: id.value, type: type.value }
  const word = call.value.trim()
  if ((type.value === 'OUTPUT' || type.value === 'CONTACT') && !word) {
    fault.value = 'Name the call that moves it, such as FAN.'
    return
  }
  if (type.value === 'OUTPUT') Object.assign(part, { call: word, solidState: electronic.value })
  if (type.value === 'CONTACT')
    Object.assign(part, { when: word, form: closed.value ? 'NC' : 'NO' })
  if (type.value === 'MOTOR_PSC') {
    part.speeds = speeds.value
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean)
  }
  fault.value = ''
  emit('add', part)
  call.value = ''
}
</script>

<template>
  <details class="fold">
    <summary>
      <h2>A part more</h2>
      <span class="soft">relay, switch, cap</span>
    </summary>
    <form class="row form" @submit.prevent="add">
      <label class="named">
        Kind
        <select v-model="type" name="part-type">
          <option v-for="(title, kind) in TYPES" :key="kind" :value="kind">{{ title }}</option>
        </select>
      </label>
      <label v-if="type === 'OUTPUT' || type === 'CONTACT'" class="named">
        Moved by the call
        <el-input v-model="call" name="part-call" autocomplete="off" placeholder="FAN" />
      </label>
      <label v-if="type === 'CONTACT'" class="tick">
        <input v-model="closed" type="checkbox" /> Closed at rest
      </label>
      <label v-if="type === 'OUTPUT'" class="tick">
        <input v-model="electronic" type="checkbox" /> Electronic, or not known
      </label>
      <label v-if="type === 'MOTOR_PSC'" class="named">
        Speed leads, high first
        <el-input v-model="speeds" name="part-speeds" autocomplete="off" />
      </label>
      <button class="quiet-button">Add {{ id }}</button>
    </form>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  </details>
</template>

<style scoped>
.form {
  align-items: end;
  gap: 10px 14px;
  margin-top: 10px;
}
</style>
