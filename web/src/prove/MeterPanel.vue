<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { probesOf, terminalsOf } from '../catalogue/catalogue'
import type { Meter } from './meter'

const { call, family } = useCall()

const props = defineProps<{ meter: Meter }>()
const emit = defineEmits<{ take: [text: string] }>()

const state = computed(() => props.meter.state)
const tips = computed(() => {
  const wires = (call.value.particulars.wires ?? {}) as Record<string, string>
  return probesOf(family.value, state.value.fact).map((id) => {
    const terminal = terminalsOf(family.value).find((one) => one.id === id)
    const colour = wires[id] ?? terminal?.colour
    return `${terminal?.name ?? id}${colour ? ` (${colour})` : ''}`
  })
})

function take() {
  if (state.value.display?.steady) emit('take', state.value.display.text)
}

defineExpose({ take })
</script>

<template>
  <section v-if="state.machine" class="meter" aria-label="Meter">
    <p class="head">
      <strong>{{ call.practice ? 'Practice meter' : 'Simulated meter' }}</strong>
      <button v-if="!call.practice" type="button" class="link-button" @click="meter.disconnect()">
        Disconnect
      </button>
    </p>
    <p class="display digits" :class="{ settling: !state.display?.steady }" aria-live="off">
      <span class="held">{{ state.held ? 'HOLD' : '' }}</span>
      <span class="value">{{ state.display?.text ?? '- - -' }}</span>
      <span class="unit">{{ state.display?.unit }}</span>
    </p>
    <p v-if="state.fault" class="soft" role="status">{{ state.fault }}</p>
    <p v-else-if="tips.length" class="soft">Red tip on {{ tips[0] }}, black on {{ tips[1] }}.</p>
    <p class="actions">
      <button
        type="button"
        class="quiet-button take"
        :disabled="!state.display?.steady"
        @click="take"
      >
        {{ state.display && !state.display.steady ? 'Settling…' : 'Take it' }}
        <span class="key only-wide" aria-hidden="true">m</span>
      </button>
      <button type="button" class="quiet-button" :aria-pressed="state.held" @click="meter.hold()">
        Hold <span class="key only-wide" aria-hidden="true">h</span>
      </button>
    </p>
  </section>
  <p v-else>
    <button type="button" class="link-button" @click="meter.connect()">Connect a meter</button>
    <span v-if="state.fault" class="soft"> {{ state.fault }}</span>
  </p>
</template>

<style scoped>
.meter {
  display: grid;
  gap: 6px;
  padding: 10px 12px 12px;
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
  background: var(--paper);
}

.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  font-size: 0.9375rem;
}

.display {
  display: grid;
  grid-template-columns: 4rem 1fr 4rem;
  align-items: baseline;
  padding: 6px 10px;
  border-radius: 4px;
  background: var(--display);
  color: var(--on-display);
}

.value {
  font-size: 2.25rem;
  font-weight: 650;
  text-align: right;
  line-height: 1.1;
}

.settling .value {
  opacity: 0.65;
}

.unit {
  padding-left: 8px;
}

.held {
  font-size: 0.875rem;
  font-weight: 700;
}

.actions {
  display: flex;
  gap: 8px;
}

.take {
  flex: 1;
}
</style>
