<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useCall } from '../call/call'
import { factOf, stateOf, stationTitle } from '../catalogue/catalogue'
import type { Check, NextTest, Value } from '../api/types'
import type { Taken } from '../call/call'
import BenchAnswer from './BenchAnswer.vue'
import CannotTell from './CannotTell.vue'
import ChoiceReading from './ChoiceReading.vue'
import HowTaken from './HowTaken.vue'
import type { Meter } from './meter'
import MeterPanel from './MeterPanel.vue'
import NumberReading from './NumberReading.vue'
import OwnWindow from './OwnWindow.vue'
import PhaseQuestion from '../call/PhaseQuestion.vue'
import { telling } from './telling'

const { call, family, phase } = useCall()

const props = defineProps<{
  check: Check
  test?: NextTest
  again: boolean
  chosen: boolean
  meter: Meter
}>()
const emit = defineEmits<{
  record: [fact: string, value: Value, taken?: Taken]
  another: []
  undo: []
  next: []
  again: [again: boolean]
}>()

const taken = ref<Taken>({})
const input = ref<{ type: (key: string) => void }[] | { type: (key: string) => void } | null>(null)
const numbersIn = ref<InstanceType<typeof NumberReading> | null>(null)
const panel = ref<InstanceType<typeof MeterPanel> | null>(null)
const openFact = ref('')

const state = computed(() => stateOf(props.check.state))
const numbers = computed(() =>
  props.check.facts.filter((id) => ['NUMBER', 'OHMS', 'MEGOHMS'].includes(factOf(id)?.kind ?? '')),
)
const words = computed(() => props.check.facts.filter((id) => !numbers.value.includes(id)))
const minutes = computed(() => props.check.minutes + (props.test?.travelMinutes ?? 0))

/** A reading after the repair moves no suspicion. */
const answers = computed(() => (phase.value === 'BEFORE' ? (props.test?.outcomes ?? []) : []))
const readings = computed(() => call.value.readings.filter((one) => one.phase === phase.value))

/** Read already: whether what comes now is a second measurement, or corrects the first. */
const isRead = computed(
  () =>
    props.chosen &&
    phase.value === 'BEFORE' &&
    props.check.facts.every((id) => readings.value.some((one) => one.fact === id && one.standing)),
)

/** For a measured check: what each kind of answer would mean. */
const meanings = computed(() => telling(answers.value))

watch(
  () => [openFact.value, numbers.value.length],
  () => props.meter.at(numbers.value.length ? openFact.value : ''),
  { immediate: true },
)

function type(key: string) {
  const words = Array.isArray(input.value) ? input.value[0] : input.value
  ;(numbersIn.value ?? words)?.type(key)
}

const title = (id: string) => stationTitle(family.value, id)

defineExpose({ type, take: () => panel.value?.take(), openFact })
</script>

<template>
  <section class="card check" aria-label="Next check">
    <p class="meta">
      <span class="tag">{{ again ? 'Take it once more' : chosen ? 'Check' : 'Next check' }}</span>
      <strong>{{ state?.title }}</strong>
      <strong class="minutes digits">{{ minutes }} min</strong>
    </p>
    <h2>{{ check.ask }}</h2>
    <p class="how">{{ check.how }}</p>
    <p v-if="check.caution" class="notice">{{ check.caution }}</p>
    <div v-if="isRead" class="options" role="group" aria-label="It is read already">
      <button class="quiet-button" :aria-pressed="again" @click="emit('again', true)">
        Once more
      </button>
      <button class="quiet-button" :aria-pressed="!again" @click="emit('again', false)">
        Correct it
      </button>
    </div>
    <PhaseQuestion />
    <template v-if="phase">
      <NumberReading
        v-if="numbers.length"
        ref="numbersIn"
        :facts="numbers"
        :readings="readings"
        @open="(fact) => (openFact = fact)"
        @record="(fact, value) => emit('record', fact, value, taken)"
      />
      <MeterPanel
        v-if="numbers.length"
        ref="panel"
        :meter="meter"
        @take="(text) => numbersIn?.put(text)"
      />
      <OwnWindow
        v-if="numbers.length"
        :fact="openFact"
        @record="(fact, value) => emit('record', fact, value)"
      />
      <BenchAnswer
        v-if="call.practice && meter.state.machine && words.length"
        :machine="meter.state.machine"
        :check="check.id"
      />
      <div v-for="fact in words" :key="fact" class="word fresh">
        <p v-if="check.facts.length > 1" class="asked">{{ factOf(fact)?.title }}?</p>
        <ChoiceReading
          ref="input"
          :check="check"
          :family="family"
          :fact="fact"
          :answers="answers"
          :readings="readings"
          :again="again"
          @record="(id, value) => emit('record', id, value, taken)"
        />
      </div>
      <HowTaken v-model="taken" :check="check.id" />
      <CannotTell :facts="check.facts" @untold="(id, why) => emit('record', id, why)" />
    </template>
    <dl v-if="numbers.length && meanings.length" class="meanings">
      <div v-for="answer in meanings" :key="answer.value">
        <dt>{{ answer.label }}</dt>
        <dd>{{ answer.decides ? 'proves' : 'points to' }}: {{ title(answer.leadsTo) }}</dd>
      </div>
    </dl>
    <p v-if="test?.sentence && phase === 'BEFORE'" class="soft why">{{ test.sentence }}</p>
    <p class="links row">
      <button class="link-button" @click="emit('another')">Another check</button>
      <button v-if="chosen" class="link-button" @click="emit('next')">
        Back to the next check
      </button>
      <button class="link-button" :disabled="!call.readings.length" @click="emit('undo')">
        Undo
      </button>
    </p>
  </section>
</template>

<style scoped>
.check {
  display: grid;
  gap: 12px;
  align-content: start;
  border: 2px solid var(--copper);
}

.meta {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  font-size: 0.875rem;
}

.tag {
  color: var(--copper);
  font-weight: 700;
}

.minutes {
  margin-left: auto;
}

h2 {
  font-size: 1.5rem;
  line-height: 1.15;
}

.notice {
  font-size: 0.9375rem;
  line-height: 1.35;
}

.asked {
  font-weight: 650;
  margin-bottom: 6px;
}

.meanings {
  margin: 0;
  font-size: 0.9375rem;
}

.meanings div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 4px 0;
  border-top: 1px solid var(--rule);
}

.meanings dd {
  margin: 0;
  text-align: right;
  font-weight: 600;
}

.why {
  font-size: 0.9375rem;
}

.links {
  margin-bottom: -10px;
}

@media (max-width: 719px) {
  .check {
    gap: 8px;
    padding: 12px;
  }

  h2 {
    font-size: 1.25rem;
  }

  .how,
  .notice {
    font-size: 0.875rem;
    line-height: 1.3;
  }

  .notice {
    padding: 6px 10px;
  }
}
</style>
