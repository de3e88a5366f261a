<script setup lang="ts">
import { computed } from 'vue'
import { factOf, stationTitle } from '../catalogue/catalogue'
import type { Answer, Check, Reading, Value } from '../api/types'

/** One tap answers the check; each button says what that answer would mean. */
const props = defineProps<{
  check: Check
  family: string
  fact: string
  answers: Answer[]
  readings: Reading[]
  again?: boolean
}>()
const emit = defineEmits<{ record: [fact: string, value: Value] }>()

const FLAGS = [
  { word: 'YES', value: true, label: 'Yes' },
  { word: 'NO', value: false, label: 'No' },
]

const buttons = computed(() => {
  const fact = factOf(props.fact)
  if (!fact) return []
  const choices =
    fact.kind === 'FLAG'
      ? FLAGS
      : fact.choices.map((word) => ({ word, value: word as Value, label: '' }))
  return choices.map((choice, index) => {
    const mine = props.answers
      .filter((answer) => answer.answer === choice.word)
      .sort((a, b) => b.probability - a.probability)
    const outcome = props.check.outcomes.find((one) => one.answer === choice.word)
    return {
      ...choice,
      key: index + 1,
      label: mine[0]?.label ?? outcome?.label ?? choice.label,
      meaning: meaning(mine[0]),
    }
  })
})

function meaning(answer: Answer | undefined): string {
  if (!answer) return ''
  const suspect = stationTitle(props.family, answer.leadsTo)
  return answer.decides ? `Proves: ${suspect}` : `Points to: ${suspect}`
}

const standing = computed(
  () => props.readings.find((reading) => reading.fact === props.fact && reading.standing)?.value,
)

function pick(index: number) {
  const button = buttons.value[index - 1]
  if (button) emit('record', props.fact, button.value)
}

defineExpose({ type: (key: string) => pick(Number(key)) })
</script>

<template>
  <div class="choices">
    <button
      v-for="button in buttons"
      :key="button.word"
      :class="{ standing: standing === button.value }"
      :aria-pressed="standing === button.value"
      @click="emit('record', fact, button.value)"
    >
      <span class="label">
        {{ button.label }}
        <span class="key only-wide" aria-hidden="true">{{ button.key }}</span>
      </span>
      <span class="soft">{{
        standing === button.value ? (again ? 'as before' : 'recorded') : button.meaning
      }}</span>
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

button {
  display: grid;
  align-content: center;
  gap: 2px;
  min-height: 66px;
  padding: 8px 12px;
  border: 1.5px solid var(--ink);
  border-radius: 5px;
  background: var(--card);
  text-align: left;
  cursor: pointer;
}

button:hover,
.standing {
  background: var(--copper-soft);
}

.label {
  display: flex;
  justify-content: space-between;
  gap: 6px;
  font-weight: 700;
  font-size: 1.0625rem;
  line-height: 1.2;
}

.soft {
  font-size: 0.875rem;
  line-height: 1.25;
}
</style>
