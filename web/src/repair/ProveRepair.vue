<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useCall } from '../call/call'
import { useJudged } from '../call/judged'
import { clock } from '../shared/time'
import PlateLimits from './PlateLimits.vue'
import RangeGauge from './RangeGauge.vue'
import RepairCheckForm from './RepairCheckForm.vue'
import WheelSpeed from './WheelSpeed.vue'
import { nextOf, SPEEDS, type ProofDoc, type RepairCheck } from './repair'

/** The repair proved, one thing after the other: what now, why, and what a fail leads to. */
defineProps<{ open: boolean }>()
const { call, proved } = useCall()

const repair = computed(() => call.value.repair!)
const {
  doc,
  answer: judged,
  faults: told,
  fault,
  take: keep,
} = useJudged<ProofDoc, 'proof'>('proof', 'proofs', () => repair.value.proof as ProofDoc, proved)
/** A check that a person went to by hand. */
const shown = ref('')

/** The rules answer with one limit as a number, and the least and the most as a list. */
const answer = computed(() =>
  judged.value
    ? {
        ...judged.value,
        checks: judged.value.checks.map((one) => ({ ...one, limit: [one.limit ?? []].flat() })),
      }
    : repair.value,
)
const faults = computed(() =>
  Object.fromEntries(
    told.value.map((one) => {
      const at = /^readings\[(\d+)\]/.exec(one.path)
      return [at ? (reading.value[Number(at[1])]?.id ?? one.path) : one.path, one.message]
    }),
  ),
)
/** What was to be read last: a fault names its place in it. */
const reading = shallowRef<ProofDoc['readings']>([])

async function take(next: ProofDoc) {
  const at = shown.value
  reading.value = next.readings
  // Whoever went on by hand meanwhile stays there.
  if ((await keep(next)) && shown.value === at) shown.value = ''
}

const checks = computed(() => answer.value.checks)
const now = computed(
  () => checks.value.find((one) => one.id === shown.value) ?? nextOf(checks.value),
)
/** The speed is asked for in a place of its own, and there alone: else one would stand for the other. */
const asked = computed(() => (now.value?.id === 'speed' ? { ...now.value, asks: [] } : null))
/** What is wrong with what no field here shows. */
const PLATES = [
  'fitted.fullLoadAmps',
  'fitted.speedTaps',
  'fitted.rpm',
  'unit.ratedStaticInWc',
  'unit.riseF',
  SPEEDS.more,
  SPEEDS.less,
]
const others = computed(() =>
  Object.entries(faults.value).filter(
    ([at]) => !PLATES.includes(at) && !(now.value?.asks ?? []).includes(at),
  ),
)
const failed = computed(() => answer.value.state === 'FAILED')

const UNITS: Record<string, string> = { airflow: 'cfm', rise: '°F', aux: 'V DC', speed: 'r/min' }
const MARKS: Record<RepairCheck['state'], string> = { PASS: '✓', FAIL: '×', NOT_YET: '○' }
</script>

<template>
  <section class="card" aria-labelledby="prove-repair">
    <details class="fold" :open="open">
      <summary>
        <h2 id="prove-repair">Prove the repair</h2>
        <span v-if="!open" class="soft">once it is fitted</span>
      </summary>
      <div class="stack inside">
        <p class="state" :class="{ bad: failed, good: answer.state === 'PASSED' }" role="status">
          <strong>{{ answer.headline }}</strong>
          <span v-if="repair.author && repair.at" class="soft"
            >{{ repair.author }}, {{ clock(repair.at) }}</span
          >
        </p>
        <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
        <p v-for="[at, message] in others" :key="at" class="notice failed" role="alert">
          {{ at }}: {{ message }}
        </p>
        <p class="notice">
          It runs: line, heat strips and capacitor are live. Meter of the right category, insulated
          leads, one hand; a capacitor is discharged before it is touched. Hands and tools out of
          the wheel’s way: it can start by itself. Licensed work: local code and the unit’s
          literature rule.
        </p>
        <RepairCheckForm
          v-if="now"
          :key="now.id"
          :check="asked ?? now"
          :doc="doc"
          :faults="faults"
          @read="take"
        />
        <PlateLimits :doc="doc" :faults="faults" @told="take" />
        <WheelSpeed :doc="doc" :faults="faults" :open="!!asked" @told="take" />
        <ul class="plain checks" aria-label="What the repair must show">
          <li v-for="one in checks" :key="one.id" :class="one.state.toLowerCase()">
            <button
              type="button"
              class="check"
              :aria-expanded="now?.id === one.id"
              @click="shown = one.id"
            >
              <span class="mark" aria-hidden="true">{{ MARKS[one.state] }}</span>
              <span
                ><strong>{{ one.title }}</strong>
                <span class="visually-hidden">{{
                  one.state === 'PASS' ? 'passes' : one.state === 'FAIL' ? 'fails' : 'not yet seen'
                }}</span>
                <span v-if="one.state !== 'NOT_YET'" class="soft small">{{
                  one.sentence
                }}</span></span
              >
            </button>
            <RangeGauge
              v-if="one.state !== 'NOT_YET' && one.value != null && one.limit.length === 2"
              class="gauge"
              :value="one.value"
              :least="one.limit[0]!"
              :most="one.limit[1]!"
              :unit="UNITS[one.id] ?? ''"
            />
          </li>
        </ul>
        <p class="soft">Refrigerant is looked at after the air is right, by certified people.</p>
      </div>
    </details>
  </section>
</template>

<style scoped>
.inside {
  margin-top: 12px;
}

.state {
  display: grid;
  gap: 2px;
  padding: 10px 12px;
  border-left: 5px solid var(--rule);
}

.state.bad {
  border-color: var(--failed);
  background: var(--failed-soft);
}

.state.good {
  border-color: var(--good);
}

.gauge {
  margin: 0 0 8px 34px;
}

.check {
  display: flex;
  gap: 10px;
  width: 100%;
  min-height: 48px;
  padding: 8px 4px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.check > span:last-child {
  display: grid;
  min-width: 0;
}

.mark {
  width: 1.2em;
  font-weight: 700;
  text-align: center;
}

.fail .mark {
  color: var(--failed);
}

.pass .mark {
  color: var(--good);
}
</style>
