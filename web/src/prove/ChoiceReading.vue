<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { factOf, stationTitle } from '../catalogue/catalogue'
import type { Answer, AnswerWord, Check, Reading, Value } from '../api/types'
import { telling } from './telling'

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

const FLAGS: { word: AnswerWord; value: Value; label: string }[] = [
  { word: 'YES', value: true, label: 'Yes' },
  { word: 'NO', value: false, label: 'No' },
]

const buttons = computed(() => {
  const fact = factOf(props.fact)
  if (!fact) return []
  const choices =
    fact.kind === 'FLAG'
      ? FLAGS
      : fact.choices.map(({ id, title }) => ({ word: id, value: id as Value, label: title }))
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
  if (!answer || !telling(props.answers).length) return ''
  const suspect = stationTitle(props.family, answer.leadsTo)
  return answer.decides ? `Proves: ${suspect}` : `Points to: ${suspect}`
}

/** Words that can be seen at once: each is marked, and they are recorded together. */
const together = computed(() => factOf(props.fact)?.together ?? [])
const several = ref(false)
const marked = ref<AnswerWord[]>([])
watch(
  () => props.fact,
  () => {
    several.value = false
    marked.value = []
  },
)

function tap(word: AnswerWord, value: Value) {
  if (!several.value) emit('record', props.fact, value)
  else if (marked.value.includes(word)) marked.value = marked.value.filter((one) => one !== word)
  else marked.value = [...marked.value, word]
}

function recordMarked() {
  if (marked.value.length) emit('record', props.fact, [...marked.value])
  several.value = false
  marked.value = []
}

const isStanding = (value: Value) =>
  Array.isArray(standing.value)
    ? (standing.value as Value[]).includes(value)
    : standing.value === value
const pressed = (word: AnswerWord, value: Value) =>
  several.value ? marked.value.includes(word) : isStanding(value)

const standing = computed(
  () => props.readings.find((reading) => reading.fact === props.fact && reading.standing)?.value,
)

function pick(index: number) {
  const button = buttons.value[index - 1]
  if (button && !(several.value && !together.value.includes(button.word))) {
    tap(button.word, button.value)
  }
}

defineExpose({ type: (key: string) => pick(Number(key)) })
</script>

<template>
  <div class="choices">
    <button
      v-for="button in buttons"
      :key="button.word"
      type="button"
      class="choice"
      :class="{ standing: pressed(button.word, button.value) }"
      :aria-pressed="pressed(button.word, button.value)"
      :disabled="several && !together.includes(button.word)"
      @click="tap(button.word, button.value)"
    >
      <span class="label">
        {{ button.label }}
        <span class="key only-wide" aria-hidden="true">{{ button.key }}</span>
      </span>
      <span class="soft">{{
        several
          ? marked.includes(button.word)
            ? 'marked'
            : ''
          : isStanding(button.value)
            ? again
              ? 'as before'
              : 'recorded'
            : button.meaning
      }}</span>
    </button>
    <p v-if="together.length" class="several">
      <button v-if="!several" type="button" class="link-button" @click="several = true">
        More than one of these
      </button>
      <template v-else>
        <button type="button" class="quiet-button" :disabled="!marked.length" @click="recordMarked">
          Record {{ marked.length || '' }}
        </button>
        <button type="button" class="link-button" @click="several = false">Only one</button>
      </template>
    </p>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.choice {
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

.choice:hover,
.standing {
  background: var(--copper-soft);
}

.choice:disabled {
  opacity: 0.45;
}

.several {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 16px;
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
