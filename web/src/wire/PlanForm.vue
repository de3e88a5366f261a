<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { ask, Faulty } from '../core/core'
import { inWords, useNewest } from '../shared/newest'
import type { WiringWords } from '../api/types'
import OptionGroup from '../shared/OptionGroup.vue'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import PlanParts from '../stock/PlanParts.vue'
import { stopped } from './work'
import CallTable from './CallTable.vue'
import type { CallId, Pattern, Plan, PlanDoc } from './types'
import { callTitle, equipment, lines, partTitle, patterns, patternTitle } from './words'
import WiringDrawing from './WiringDrawing.vue'

/** A pattern filled for this unit, run at once: what it asks for, what it does, what to take along. */
const props = defineProps<{
  draft: PlanDoc
  why: string
  assumed: { field: string; sentence: string }[]
}>()
const emit = defineEmits<{ begin: [plan: PlanDoc]; nothing: [] }>()

const copy = <T,>(one: T): T => JSON.parse(JSON.stringify(one))
const document_ = ref<PlanDoc>(copy(props.draft))
const figures = ref({
  transformerVa: String(props.draft.transformerVa ?? ''),
  transformerLoadVa: String(props.draft.transformerLoadVa ?? ''),
  secondTransformerVa: String(props.draft.secondTransformerVa ?? ''),
  amps: String(props.draft.motor.amps ?? ''),
  microfarads: String(props.draft.motor.microfarads ?? ''),
  capacitorVolts: String(props.draft.motor.capacitorVolts ?? ''),
})
const leads = (plan: PlanDoc) => (plan.motor.speeds ?? []).join(', ')
const speeds = ref(leads(props.draft))
const plan = shallowRef<Plan | null>(null)
/** Whether that is the plan of what stands in the form now. */
const isPlanned = ref(false)
const faults = ref<Record<string, string>>({})

const pattern = computed(() => document_.value.pattern)
const words = computed(() => patterns().find((one) => one.id === pattern.value))
/** Whether the pattern asks for it. */
const asks = (what: WiringWords['patterns'][number]['asks'][number]) =>
  !!words.value?.asks.includes(what)
const speedNames = computed(() =>
  speeds.value
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean),
)

const lowStageHasSpeed = computed(
  () =>
    asks('SPEED_OF_LOW_STAGE') && document_.value.stages.length > 1 && speedNames.value.length > 1,
)

/** The unit, with the figures that are typed. The core leaves out what the pattern does not ask. */
const told = computed<PlanDoc>(() => {
  const number = (text: string) => (text.trim() ? (readNumber(text) ?? text) : undefined) as number
  const document = document_.value
  return {
    ...document,
    transformerVa: number(figures.value.transformerVa),
    transformerLoadVa: number(figures.value.transformerLoadVa),
    secondTransformerVa: number(figures.value.secondTransformerVa),
    motor: {
      speeds: speedNames.value,
      amps: number(figures.value.amps),
      microfarads: number(figures.value.microfarads),
      capacitorVolts: number(figures.value.capacitorVolts),
    },
    // While a lead is being renamed, what was chosen for it waits.
    speedFor: Object.fromEntries(
      Object.entries(document.speedFor).filter(([, speed]) => speedNames.value.includes(speed)),
    ),
  }
})

const newest = useNewest((failed) => {
  faults.value =
    failed instanceof Faulty
      ? Object.fromEntries(failed.faults.map((one) => [one.path, one.message]))
      : { '': inWords(failed) }
  return ''
})
watch(
  told,
  (document) => {
    isPlanned.value = false
    return newest.ask(
      () => ask('plan', document),
      (answer) => {
        plan.value = answer
        isPlanned.value = true
        faults.value = {}
      },
    )
  },
  { immediate: true },
)

/** Where it stands is the unit's, whatever patterns were looked at meanwhile. */
async function take(next: Pattern) {
  const plan = { ...document_.value, role: props.draft.role, motor: told.value.motor }
  try {
    document_.value = await ask('otherwise', { plan, pattern: next })
    speeds.value = leads(document_.value)
  } catch (failed) {
    faults.value = { '': inWords(failed) }
  }
}

function toggle(list: 'calls' | 'contactorCalls', id: CallId) {
  const now = document_.value[list]
  document_.value = {
    ...document_.value,
    [list]: now.includes(id) ? now.filter((one) => one !== id) : [...now, id],
  }
}

const stages = computed({
  get: () => document_.value.stages.length,
  set: (count) => (document_.value.stages = count === 2 ? ['LOW', 'HIGH'] : ['HIGH']),
})
const STAGES = [
  { value: 1, label: 'One' },
  { value: 2, label: 'Two' },
]
const poles = computed({
  get: () => document_.value.contactorPoles ?? 2,
  set: (count) => (document_.value.contactorPoles = count),
})
const POLES = [
  { value: 2, label: 'Two poles: opens both sides of the line' },
  { value: 1, label: 'One pole: a bar carries the other side on' },
]
const OUTPUTS = [
  { value: 'PLAIN' as const, label: 'Plain contacts: relays click on the board' },
  { value: 'SOLID_STATE' as const, label: 'Electronic, or not known' },
]
const CABINETS = [
  { value: 'ONE' as const, label: 'In one cabinet, on one supply' },
  { value: 'SPLIT' as const, label: 'Apart' },
]
const LINES = computed(() =>
  lines()
    .filter(({ id }) => id !== 'LINE_3PH')
    .map(({ id, title }) => ({ value: id as PlanDoc['supply'], label: title })),
)

const STATES = { OPEN: 'Can be wired so', CONDITIONAL: 'Can be wired so, mind', BLOCKED: 'Blocked' }
</script>

<template>
  <div class="stack">
    <section class="card stack" aria-labelledby="pattern">
      <h2 id="pattern">How it is wired</h2>
      <div class="pattern-now">
        <strong>{{ patternTitle(pattern) }}</strong>
        <span class="soft small">{{ words?.detail }}</span>
      </div>
      <p v-if="pattern === draft.pattern" class="soft">{{ why }}</p>
      <details class="fold">
        <summary><h2>Wired otherwise</h2></summary>
        <div class="patterns" role="group" aria-labelledby="pattern">
          <button
            v-for="one in patterns()"
            :key="one.id"
            type="button"
            class="quiet-button pattern"
            :aria-pressed="pattern === one.id"
            @click="take(one.id)"
          >
            <strong>{{ one.title }}</strong>
            <span class="soft small">{{ one.detail }}</span>
          </button>
        </div>
      </details>
      <details class="fold" :open="!!Object.keys(faults).length">
        <summary>
          <h2>What it is planned for</h2>
          <span class="soft"
            >{{ partTitle(document_.supply) }}, {{ told.transformerVa ?? '?' }} VA,
            {{ document_.calls.map(callTitle).join(', ') }}</span
          >
        </summary>
        <div class="stack fields">
          <fieldset class="question">
            <legend>Calls of the equipment</legend>
            <div class="options">
              <button
                v-for="{ id, title } in equipment()"
                :key="id"
                type="button"
                class="quiet-button"
                :aria-pressed="document_.calls.includes(id as CallId)"
                @click="toggle('calls', id as CallId)"
              >
                {{ title }}
              </button>
              <button
                type="button"
                class="quiet-button"
                :aria-pressed="document_.defrost"
                @click="document_.defrost = !document_.defrost"
              >
                Defrost
              </button>
            </div>
          </fieldset>
          <fieldset v-if="asks('CONTACTOR_CALLS')" class="question">
            <legend>Of these, which pull the compressor’s contactor</legend>
            <div class="options">
              <button
                v-for="id in document_.calls"
                :key="id"
                type="button"
                class="quiet-button"
                :aria-pressed="document_.contactorCalls.includes(id)"
                @click="toggle('contactorCalls', id)"
              >
                {{ callTitle(id) }}
              </button>
            </div>
          </fieldset>
          <OptionGroup
            v-if="asks('CONTACTOR_POLES')"
            v-model="poles"
            title="The compressor’s contactor"
            :options="POLES"
            required
          />
          <fieldset v-if="asks('FAN_CYCLING') || asks('DUAL_CAPACITOR')" class="question">
            <legend>Also in the unit</legend>
            <div class="options">
              <button
                type="button"
                class="quiet-button"
                :aria-pressed="!!document_.fanCycling"
                @click="document_.fanCycling = !document_.fanCycling"
              >
                A head-pressure switch cycles the fan
              </button>
              <button
                type="button"
                class="quiet-button"
                :aria-pressed="!!document_.dualCapacitor"
                @click="document_.dualCapacitor = !document_.dualCapacitor"
              >
                Dual capacitor: compressor and fan in one can
              </button>
            </div>
          </fieldset>
          <OptionGroup
            v-if="asks('STAGES')"
            v-model="stages"
            title="Stages of the fan"
            :options="STAGES"
            required
          />
          <OptionGroup
            v-if="asks('OUTPUTS')"
            v-model="document_.outputs"
            title="Outputs of the board"
            :options="OUTPUTS"
            required
          />
          <OptionGroup
            v-if="asks('CABINET')"
            v-model="document_.cabinet"
            title="Contactor and blower"
            :options="CABINETS"
            required
          >
            <button
              type="button"
              class="quiet-button"
              :aria-pressed="document_.fanRelay"
              @click="document_.fanRelay = !document_.fanRelay"
            >
              A fan relay for the other calls
            </button>
          </OptionGroup>
          <OptionGroup
            v-if="asks('LINE')"
            v-model="document_.supply"
            title="Line"
            :options="LINES"
            required
          />
          <div class="figures">
            <FigureInput
              v-model="figures.transformerVa"
              name="transformerVa"
              title="Transformer"
              unit="VA"
              :fault="faults.transformerVa"
            />
            <FigureInput
              v-model="figures.transformerLoadVa"
              name="transformerLoadVa"
              title="What hangs on it"
              unit="VA"
              :fault="faults.transformerLoadVa"
            />
            <FigureInput
              v-if="asks('SECOND_TRANSFORMER')"
              v-model="figures.secondTransformerVa"
              name="secondTransformerVa"
              title="Second one, feeding the board"
              unit="VA"
              :fault="faults.secondTransformerVa"
            />
            <FigureInput
              v-model="figures.amps"
              name="amps"
              title="New motor"
              unit="A"
              :fault="faults['motor.amps']"
            />
            <template v-if="asks('CAPACITOR')">
              <FigureInput
                v-model="figures.microfarads"
                name="microfarads"
                title="Its capacitor"
                unit="µF"
                :fault="faults['motor.microfarads']"
              />
              <FigureInput
                v-model="figures.capacitorVolts"
                name="capacitorVolts"
                title="For"
                unit="V AC"
                :fault="faults['motor.capacitorVolts']"
              />
              <label v-if="asks('SPEEDS')" class="named">
                <span>Speed leads <span class="soft">high first</span></span>
                <el-input v-model="speeds" name="speeds" autocomplete="off" />
                <span v-if="faults['motor.speeds']" class="fault" role="alert">{{
                  faults['motor.speeds']
                }}</span>
              </label>
            </template>
          </div>
          <fieldset v-if="asks('SPEED_OF_CALL') && speedNames.length > 1" class="question">
            <legend>Which speed each call gets</legend>
            <div class="figures">
              <label v-for="id in document_.calls" :key="id" class="named">
                <span>{{ callTitle(id) }}</span>
                <select v-model="document_.speedFor[id]" :name="`speed-${id}`">
                  <option :value="undefined">{{ speedNames[0] }}</option>
                  <option v-for="name in speedNames.slice(1)" :key="name" :value="name">
                    {{ name }}
                  </option>
                </select>
              </label>
            </div>
          </fieldset>
          <label v-if="lowStageHasSpeed" class="named">
            <span>Speed of the low stage</span>
            <select v-model="document_.speedFor['COOL.LOW']" name="speed-low-stage">
              <option :value="undefined">The same as the high stage</option>
              <option v-for="name in speedNames.slice(1)" :key="name" :value="name">
                {{ name }}
              </option>
            </select>
          </label>
        </div>
      </details>
      <ul v-if="assumed.length && pattern === draft.pattern" class="assumed">
        <li v-for="one in assumed" :key="one.sentence" class="soft">{{ one.sentence }}</li>
      </ul>
      <p v-if="faults['']" class="fault" role="alert">{{ faults[''] }}</p>
    </section>
    <template v-if="plan">
      <section class="card stack" aria-labelledby="plan-state">
        <h2 id="plan-state" :class="{ blocked: plan.state === 'BLOCKED' }">
          {{ STATES[plan.state] }}
        </h2>
        <ul v-if="plan.reasons.length" class="plain reasons">
          <li v-for="(reason, index) in plan.reasons" :key="index">
            <strong v-if="reason.call">{{ callTitle(reason.call) }}: </strong>{{ reason.sentence }}
          </li>
        </ul>
        <p v-if="plan.instead" class="row">
          <button
            type="button"
            class="quiet-button"
            @click="document_ = { ...document_, fanRelay: true }"
          >
            With a fan relay on these calls it can be wired
          </button>
        </p>
        <CallTable :result="plan.result" :before-after="plan.beforeAfter" />
      </section>
      <section class="card stack" aria-labelledby="take">
        <h2 id="take">To take along</h2>
        <PlanParts :plan="plan.plan" :parts="plan.parts" :title="partTitle" />
        <p class="notice">
          Breaker off, locked and proved dead before a wire is moved; capacitors discharged.
          Licensed work: local code and the unit’s plate rule.
        </p>
        <p class="row">
          <button
            type="button"
            class="main-button"
            :disabled="!isPlanned || plan.state === 'BLOCKED'"
            @click="emit('begin', plan.plan)"
          >
            Wire it
          </button>
          <button type="button" class="link-button" @click="emit('nothing')">
            Record a wiring without a plan
          </button>
        </p>
      </section>
      <div class="card">
        <WiringDrawing :wiring="plan.wiring" :plan="plan.plan" :bad="stopped(plan.result)" />
      </div>
    </template>
    <p v-else-if="!faults['']" class="soft" role="status">Running every call…</p>
  </div>
</template>

<style scoped>
.patterns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 8px;
  margin-top: 10px;
}

.pattern-now {
  display: grid;
  padding-left: 12px;
  border-left: 5px solid var(--copper);
}

.pattern {
  display: grid;
  align-content: start;
  padding: 8px 12px;
  text-align: left;
}

.fields {
  margin-top: 12px;
}

.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px;
}

.assumed {
  margin: 0;
  padding-left: 20px;
}

.blocked {
  color: var(--failed);
}

.reasons li {
  padding: 6px 0;
  border-top: 1px dotted var(--rule-strong);
}
</style>
