<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { readNumber } from '../shared/number'
import { useCall } from '../call/call'

const { call } = useCall()

/** The window that a reading is held against, who says so, and the unit's own in its place. */
const props = defineProps<{ fact: string }>()
const emit = defineEmits<{ record: [fact: string, value: number[]] }>()

const editing = ref(false)
const low = ref('')
const high = ref('')
const fault = ref('')

const inForce = computed(() => call.value.diagnosis.windows.find((one) => one.fact === props.fact))

watch(
  () => props.fact,
  () => (editing.value = false),
)

function edit() {
  low.value = String(inForce.value!.low)
  high.value = String(inForce.value!.high)
  fault.value = ''
  editing.value = true
}

function keep() {
  const from = readNumber(low.value)
  const to = readNumber(high.value)
  if (from === null || to === null || from < 0 || to > 1000 || from >= to) {
    fault.value = 'Two numbers from 0 to 1000, the lower one first.'
    return
  }
  emit('record', inForce.value!.ownFact!, [from, to])
  editing.value = false
}
</script>

<template>
  <div v-if="inForce" class="window">
    <p v-if="!editing">
      <span class="digits">{{ inForce.low }} to {{ inForce.high }} {{ inForce.unit }}</span>
      {{ inForce.own ? 'is this unit\u2019s own window.' : 'is good.' }}
      <router-link v-if="inForce.figure" class="says" :to="`/about#${inForce.figure}`"
        >Says who?</router-link
      >
      <button v-if="inForce.ownFact" type="button" class="link-button" @click="edit">
        {{ inForce.own ? 'Change it' : 'The unit says otherwise' }}
      </button>
    </p>
    <form v-else @submit.prevent="keep">
      <label
        >From <input v-model="low" class="digits" inputmode="decimal" name="window-low"
      /></label>
      <label
        >to <input v-model="high" class="digits" inputmode="decimal" name="window-high"
      /></label>
      <span>{{ inForce.unit }}</span>
      <button class="quiet-button">Keep</button>
      <button type="button" class="link-button" @click="editing = false">Not now</button>
      <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    </form>
  </div>
</template>

<style scoped>
.window {
  font-size: 0.9375rem;
}

form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

input {
  width: 78px;
  min-height: var(--target);
  padding: 0 6px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font-size: 1.0625rem;
}
</style>
