<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useCall } from '../call/call'
import { ask, Faulty, inWords } from '../core/core'
import { clock } from '../shared/time'
import PlateLimits from './PlateLimits.vue'
import RepairCheckForm from './RepairCheckForm.vue'
import { nextOf, type ProofDoc, type RepairCheck, type RepairView } from './repair'

/** The repair proved, one thing after the other: what now, why, and what a fail leads to. */
const { call, waiting, proved } = useCall()

/** What is shown: what this device has read, or what the server keeps. */
const doc = shallowRef<ProofDoc>({ unit: {}, fitted: {}, readings: [] })
const answer = shallowRef<Pick<RepairView, 'state' | 'headline' | 'checks'> | null>(null)
const faults = ref<Record<string, string>>({})
const fault = ref('')
/** A check that a person went to by hand. */
const open = ref('')

const repair = computed(() => call.value.repair!)

/** What this device has not sent yet stands before what the call holds. */
watch(
  () => repair.value,
  (kept) => {
    const unsent = waiting.value.findLast((save) => save.path.includes('/proofs/'))
    if (unsent) {
      if (!doc.value.readings.length) void judge(unsent.body as ProofDoc)
      return
    }
    doc.value = kept.proof as unknown as ProofDoc
    answer.value = kept
  },
  { immediate: true },
)

/** Judged here, with the radio off too; kept where it reads. */
async function judge(next: ProofDoc): Promise<boolean> {
  faults.value = {}
  fault.value = ''
  try {
    // The rules answer with one limit as a number, and the least and the most as a list.
    const judged = await ask<{
      state: RepairView['state']
      headline: string
      checks: (Omit<RepairCheck, 'limit'> & { limit?: number | number[] })[]
    }>('proof', next)
    doc.value = next
    answer.value = {
      state: judged.state,
      headline: judged.headline,
      checks: judged.checks.map((one) => ({ ...one, limit: [one.limit ?? []].flat() })),
    }
    return true
  } catch (failed) {
    if (failed instanceof Faulty) faults.value = byReading(failed, next)
    else fault.value = inWords(failed)
    return false
  }
}

function byReading(failed: Faulty, next: ProofDoc) {
  return Object.fromEntries(
    failed.faults.map((one) => {
      const at = /^readings\[(\d+)\]/.exec(one.path)
      return [at ? next.readings[Number(at[1])]!.id : one.path, one.message]
    }),
  )
}

async function take(next: ProofDoc) {
  const at = open.value
  if (await judge(next)) {
    proved(next)
    // Whoever went on by hand meanwhile stays there.
    if (open.value === at) open.value = ''
  }
}

// The rules are fetched while there is a connection.
onMounted(() => void ask('proof', doc.value).catch(() => {}))

const checks = computed(() => answer.value?.checks ?? [])
const now = computed(
  () => checks.value.find((one) => one.id === open.value) ?? nextOf(checks.value),
)
/** What is wrong with what no field here shows. */
const PLATES = ['fitted.fullLoadAmps', 'fitted.speedTaps', 'unit.ratedStaticInWc', 'unit.riseF']
const others = computed(() =>
  Object.entries(faults.value).filter(
    ([at]) => !PLATES.includes(at) && !(now.value?.asks ?? []).includes(at),
  ),
)
const failed = computed(() => answer.value?.state === 'FAILED')

const MARKS: Record<RepairCheck['state'], string> = { PASS: '✓', FAIL: '×', NOT_YET: '○' }
</script>

<template>
  <section class="card stack" aria-labelledby="prove-repair">
    <h2 id="prove-repair">Prove the repair</h2>
    <p class="state" :class="{ bad: failed, good: answer?.state === 'PASSED' }" role="status">
      <strong>{{ answer?.headline }}</strong>
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
      leads, one hand; a capacitor is discharged before it is touched. Hands and tools out of the
      wheel’s way: it can start by itself. Licensed work: local code and the unit’s literature rule.
    </p>
    <RepairCheckForm
      v-if="now"
      :key="now.id"
      :check="now"
      :doc="doc"
      :faults="faults"
      @read="take"
    />
    <PlateLimits :doc="doc" :faults="faults" @told="take" />
    <ul class="plain checks" aria-label="What the repair must show">
      <li v-for="one in checks" :key="one.id" :class="one.state.toLowerCase()">
        <button
          type="button"
          class="check"
          :aria-expanded="now?.id === one.id"
          @click="open = one.id"
        >
          <span class="mark" aria-hidden="true">{{ MARKS[one.state] }}</span>
          <span
            ><strong>{{ one.title }}</strong>
            <span class="visually-hidden">{{
              one.state === 'PASS' ? 'passes' : one.state === 'FAIL' ? 'fails' : 'not yet seen'
            }}</span>
            <span v-if="one.state !== 'NOT_YET'" class="soft small">{{ one.sentence }}</span></span
          >
        </button>
      </li>
    </ul>
    <p class="soft">Refrigerant is looked at after the air is right, by certified people.</p>
  </section>
</template>

<style scoped>
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
