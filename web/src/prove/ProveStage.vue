<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useCall } from '../call/call'
import { checksOf, probesOf, stationTitle } from '../catalogue/catalogue'
import type { Call, Suspect, Value } from '../api/types'
import { useKeys } from '../keys/keys'
import DrawingView from '../drawing/DrawingView.vue'
import ChainLine from './ChainLine.vue'
import CheckCard from './CheckCard.vue'
import CheckPicker from './CheckPicker.vue'
import { useMeter } from './meter'
import ReadingLog from './ReadingLog.vue'
import RoundPlan from './RoundPlan.vue'
import StationSheet from './StationSheet.vue'
import SuspectList from './SuspectList.vue'
import TerminalPicture from './TerminalPicture.vue'

const { call, family, refusal, waiting, standing, record: recordNow, undo, tell } = useCall()

const emit = defineEmits<{ help: [] }>()

/** The check that the technician took instead of the next one. */
const chosen = ref<string | null>(null)
const station = ref<Suspect | null>(null)
const picking = ref(false)
const card = ref<InstanceType<typeof CheckCard> | null>(null)

const checks = computed(() => checksOf(family.value))
const next = computed(() => call.value.diagnosis.nextTests[0])
const hasWindings = computed(() => checks.value.some((one) => one.id === 'winding.pairs'))
const decided = computed(() => call.value.diagnosis.verdict.state === 'DECIDED')
const shownId = computed(() => chosen.value ?? next.value?.id)
const check = computed(() => checks.value.find((one) => one.id === shownId.value))
const test = computed(() =>
  [...call.value.diagnosis.beforeChoosing, ...call.value.diagnosis.nextTests].find(
    (one) => one.id === shownId.value,
  ),
)

/** What is to be done, and whether any check can still change it. */
const remedy = computed(() => call.value.diagnosis.verdict.remedy)
const before = computed(() =>
  call.value.diagnosis.beforeChoosing.map((one) => ({
    ...one,
    ask: checks.value.find((check) => check.id === one.id)?.ask ?? one.ask,
  })),
)
/** Whether the chosen check is to be taken once more, and what of it has been since. */
const retaking = ref(false)
const takenAgain = ref<string[]>([])
const again = computed(() => (chosen.value ? retaking.value : (test.value?.again ?? false)))

const meter = useMeter(call.value)
const openFact = ref('')
const title = (id: string) => stationTitle(family.value, id)

/** Where the tips go is shown for readings at a plug; the winding's own picture shows its leads. */
const tipsAt = computed(() => {
  const fact = check.value?.facts.includes(openFact.value) ? openFact.value : check.value?.facts[0]
  if (!fact || decided.value) return ''
  const winding = /^(winding|emf)/.test(fact)
  return !winding && probesOf(family.value, fact).length ? fact : ''
})
watch(
  () => card.value?.openFact,
  (fact) => (openFact.value = fact ?? ''),
)

const relabel = (wires: Record<string, string>) =>
  tell({ ...call.value.particulars, wires } as Call['particulars'])

/** A warning that stands in full beside what it belongs to is not repeated. */
const notes = computed(() => call.value.diagnosis.notes)

const answered = (id: string) => {
  const facts = checks.value.find((one) => one.id === id)?.facts ?? []
  const sent = new Set(waiting.value.map((change) => (change.body as { fact?: string }).fact))
  return facts.every((fact) => standing(fact) || sent.has(fact))
}

// When the chosen check has all its answers, the next one is shown again.
watch(
  () => call.value.readings,
  () => {
    if (!chosen.value) return
    const open = check.value?.facts.some((one) => !takenAgain.value.includes(one))
    if (!(retaking.value && open) && answered(chosen.value)) chosen.value = null
  },
)

/** On a telephone the card with its pad fills the screen: bring its head to the top. */
async function toCard() {
  await nextTick()
  const narrow = window.matchMedia('(max-width: 719px)').matches
  document.querySelector('.check')?.scrollIntoView({ block: narrow ? 'start' : 'nearest' })
}

watch(shownId, (now, before) => {
  if (now && before) void toCard()
})

function take(id: string) {
  takenAgain.value = []
  chosen.value = id === next.value?.id ? null : id
  retaking.value = test.value?.again ?? false
  station.value = null
  picking.value = false
  void toCard()
}

async function record(fact: string, value: Value) {
  // A check of several readings stays until all are in, also when another would now come first.
  const mine = check.value
  const oneMore = again.value
  if (mine && mine.facts.length > 1 && !chosen.value) {
    chosen.value = mine.id
    retaking.value = oneMore
    takenAgain.value = []
  }
  if (oneMore) takenAgain.value.push(fact)
  await recordNow(fact, value, { again: oneMore })
}

useKeys({
  next: () => (chosen.value = null),
  undo: () => void undo(),
  help: () => emit('help'),
  digit: (key) => card.value?.type(key),
  take: () => card.value?.take(),
  hold: () => meter.state.machine && meter.hold(),
})
</script>

<template>
  <div class="prove">
    <ChainLine
      :next="check?.station"
      :open="station"
      @pick="(id) => (station = station === id ? null : id)"
    />
    <StationSheet v-if="station" :station="station" @check="take" @close="station = null" />
    <p class="verdict" :class="call.diagnosis.verdict.state.toLowerCase()" role="status">
      <strong>{{ call.diagnosis.verdict.sentence }}</strong>
      <span v-if="call.diagnosis.verdict.proof" class="soft">
        {{ call.diagnosis.verdict.proof }}
      </span>
    </p>
    <p v-if="remedy.state === 'SETTLED'" class="notice settled">
      <strong>What to do: {{ remedy.sentence }}</strong>
    </p>
    <p v-for="found in call.diagnosis.found" :key="found.link + found.sentence" class="notice">
      Found, to be mended: {{ found.sentence }}
    </p>
    <p v-if="refusal" class="notice failed" role="alert">
      {{ refusal.label }}: {{ refusal.refusal.message }}
    </p>
    <div class="columns">
      <div class="column">
        <section v-if="decided && !chosen" class="card done" aria-label="Decided">
          <h2>
            Proved: {{ call.diagnosis.verdict.suspects.map(title).join(' and ').toLowerCase() }}
          </h2>
          <div v-if="before.length" class="before">
            <p class="soft">Before you choose:</p>
            <ul>
              <li v-for="one in before" :key="one.id">
                <button class="link-button" @click="take(one.id)">
                  {{ one.again ? 'Once more: ' : '' }}{{ one.ask }}
                </button>
              </li>
            </ul>
          </div>
          <router-link v-if="call.practice" class="go" :to="`/calls/${call.id}/debrief`">
            Look back on it
          </router-link>
          <router-link v-else class="go" :to="`/calls/${call.id}/choose`">
            Choose the way forward
          </router-link>
          <p class="row">
            <button class="link-button" @click="picking = true">Another check</button>
            <button class="link-button" @click="undo()">Undo</button>
          </p>
        </section>
        <CheckCard
          v-else-if="check"
          ref="card"
          :check="check"
          :test="test"
          :again="again"
          :chosen="chosen !== null"
          :meter="meter"
          @record="record"
          @another="picking = true"
          @undo="undo()"
          @next="chosen = null"
        />
        <section v-else class="card done">
          <h2>No check left that would tell more</h2>
          <p>Take a doubtful reading again, or a check by another way.</p>
          <button class="link-button" @click="picking = true">All checks</button>
        </section>
        <p v-for="warning in call.diagnosis.warnings" :key="warning.sentence" class="notice">
          {{ warning.sentence }}
        </p>
        <p v-for="note in notes" :key="note.id" class="note">
          {{ note.sentence }}
          <router-link v-if="note.figure" class="says" :to="`/about#${note.figure}`"
            >Says who?</router-link
          >
        </p>
      </div>
      <section v-if="tipsAt || !hasWindings" class="card windings" aria-label="Where the tips go">
        <h2>{{ tipsAt ? 'Where the tips go' : 'The plugs' }}</h2>
        <TerminalPicture :fact="tipsAt" @wires="relabel" />
      </section>
      <section v-else-if="hasWindings" class="card windings" aria-label="Windings">
        <h2>Windings</h2>
        <DrawingView
          class="star"
          :drawing="call.windingPicture"
          :spoken="call.diagnosis.winding.sentence"
        />
        <p :class="{ bad: call.diagnosis.winding.state === 'FAULTY' }">
          {{ call.diagnosis.winding.sentence }}
        </p>
        <p class="soft">
          {{
            {
              CLEAR: 'Frame: all leads clear.',
              LEAK: 'Frame: a lead leaks.',
              SHORT: 'Frame: touches, condemned.',
              NOT_MEASURED: 'Frame: not measured.',
            }[call.diagnosis.winding.frame]
          }}
        </p>
        <p class="row">
          <button class="link-button" @click="take('winding.pairs')">Enter pairs</button>
          <button class="link-button" @click="take('winding.frame')">Enter frame</button>
          <router-link class="says" to="/about#winding.balanceLimit">Says who?</router-link>
        </p>
      </section>
      <SuspectList @check="take" />
    </div>
    <RoundPlan :shown="shownId" @check="take" />
    <p class="keys soft only-wide">
      <span class="key">n</span> next <span class="key">u</span> undo
      <span class="key">?</span> keys
    </p>
    <ReadingLog />
    <CheckPicker v-model="picking" @check="take" />
  </div>
</template>

<style scoped>
.prove {
  display: grid;
  gap: 14px;
}

.verdict {
  border-top: 1px solid var(--rule);
  padding-top: 12px;
  font-size: 1.0625rem;
}

.decided strong {
  color: var(--failed);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1.2fr) minmax(0, 0.95fr);
  gap: 18px;
  align-items: start;
}

.column,
.done,
.windings {
  display: grid;
  gap: 12px;
}

.done {
  border: 2px solid var(--failed);
}

.done h2 {
  font-size: 1.5rem;
}

.bad {
  color: var(--failed);
  font-weight: 650;
}

.note {
  font-size: 0.9375rem;
}

.keys {
  font-size: 0.875rem;
}

@media (max-width: 1023px) {
  .columns {
    grid-template-columns: 1fr;
  }
}

@media (max-width: 719px) {
  .prove {
    gap: 10px;
  }

  .verdict {
    padding-top: 8px;
    font-size: 1rem;
  }
}
</style>
