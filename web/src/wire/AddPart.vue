<script setup lang="ts">
import { ref } from 'vue'
import type { NewPart } from './types'
import { partTypes } from './words'

/** A part more: its kind, its name, and what the run must know of it. */
const props = defineProps<{
  /** By kind, the name that the next one gets. */
  free: Record<string, string>
}>()
const emit = defineEmits<{ add: [part: NewPart] }>()

const type = ref('RELAY')
const call = ref('')
const closed = ref(true)
const electronic = ref(true)
const speeds = ref('HIGH, LOW')
const fault = ref('')

function add() {
  const part: NewPart = { type: type.value }
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
          <option v-for="{ id: kind, title } in partTypes()" :key="kind" :value="kind">
            {{ title }}
          </option>
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
      <button class="quiet-button">Add {{ props.free[type] }}</button>
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
