<script setup lang="ts">
import { computed, ref } from 'vue'
import { catalogue, familyTitle } from '../catalogue/catalogue'
import MotorSketch from './MotorSketch.vue'
import { left, next } from './which'

/** A few things to look at, for the one who does not know which motor it is. */
// The one that it is, or all that it can be.
const emit = defineEmits<{ found: [families: string[]] }>()

const answers = ref<Record<string, string>>({})
const asked = ref<string[]>([])
const questions = computed(() => catalogue.value?.whichMotor ?? [])
const all = computed(() =>
  (catalogue.value?.families ?? []).filter((one) => one.covered).map((one) => one.id as string),
)
const rest = computed(() => left(questions.value, answers.value, all.value))
const question = computed(() => next(questions.value, answers.value, asked.value, all.value))

function answer(id: string | null) {
  const one = question.value
  if (!one) return
  asked.value = [...asked.value, one.id]
  if (id) answers.value = { ...answers.value, [one.id]: id }
  if (rest.value.length === 1) emit('found', rest.value)
}

function back() {
  const last = asked.value.at(-1)
  asked.value = asked.value.slice(0, -1)
  answers.value = Object.fromEntries(Object.entries(answers.value).filter(([id]) => id !== last))
}
</script>

<template>
  <section class="which" aria-label="Which motor is it?">
    <template v-if="question">
      <h3>{{ question.ask }}</h3>
      <div class="answers">
        <button v-for="one in question.answers" :key="one.id" type="button" @click="answer(one.id)">
          <MotorSketch :of="one.id" />
          <span>{{ one.label }}</span>
        </button>
      </div>
    </template>
    <p v-else-if="!rest.length" class="notice" role="status">
      These answers do not go together. Go back, and look again.
    </p>
    <template v-else-if="rest.length > 1">
      <p role="status">
        It can be any of these. Until it is known, asked is what they share, and said is what holds
        for each.
      </p>
      <div class="options">
        <button type="button" class="quiet-button" @click="emit('found', rest)">
          Go on with what they share
        </button>
        <button
          v-for="family in rest"
          :key="family"
          type="button"
          class="quiet-button"
          @click="emit('found', [family])"
        >
          {{ familyTitle(family) }}
        </button>
      </div>
    </template>
    <p class="row">
      <button v-if="question" type="button" class="link-button" @click="answer(null)">
        I cannot tell
      </button>
      <button v-if="asked.length" type="button" class="link-button" @click="back()">Back</button>
      <button
        v-if="question && asked.length && rest.length > 1"
        type="button"
        class="link-button"
        @click="emit('found', rest)"
      >
        Go on with what these share
      </button>
    </p>
    <p v-if="asked.length && rest.length" class="soft" role="status">
      Left: {{ rest.map(familyTitle).join('; ') }}
    </p>
  </section>
</template>

<style scoped>
.which {
  display: grid;
  gap: 10px;
  border-left: 4px solid var(--copper);
  padding-left: 14px;
}

.answers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}

.answers button {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 4px;
  padding: 10px;
  border: 1.5px solid var(--rule-strong);
  border-radius: 5px;
  background: var(--card);
  font-weight: 600;
  line-height: 1.25;
  text-align: center;
  cursor: pointer;
}

.answers button:hover {
  border-color: var(--ink);
  background: var(--copper-soft);
}
</style>
