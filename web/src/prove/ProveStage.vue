<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import AskedHere from '../hear/AskedHere.vue'
import { useCall, type Taken } from '../call/call'
import { familyTitle, probesOf } from '../catalogue/catalogue'
import type { Call, Suspect, Value } from '../api/types'
import { useKeys } from '../keys/keys'
import { useSingleTouch } from '../shared/touch'
import DrawingView from '../drawing/DrawingView.vue'
import { useAsking } from './asking'
import AtOdds from './AtOdds.vue'
import ChainLine from './ChainLine.vue'
import CheckCard from './CheckCard.vue'
import CheckPicker from './CheckPicker.vue'
import { useMeter } from './meter'
import ReadingLog from './ReadingLog.vue'
import RoundPlan from './RoundPlan.vue'
import StationSheet from './StationSheet.vue'
import { alsoWorthALook, AT_ODDS, stepOf } from './step'
import PairTemperature from './PairTemperature.vue'
import SuspectList from './SuspectList.vue'
import TerminalPicture from './TerminalPicture.vue'
import RepairNotice from '../repair/RepairNotice.vue'
import UnitNotice from '../units/UnitNotice.vue'
import WhatToDo from './WhatToDo.vue'

const {
  call,
  family,
  toldLast,
  refusal,
  waiting,
  standing,
  record: recordNow,
  undo,
  tell,
  checks,
  mayBe,
} = useCall()

const emit = defineEmits<{ help: [] }>()

const station = ref<Suspect | null>(null)
const picking = ref(false)
const card = ref<InstanceType<typeof CheckCard> | null>(null)

const next = computed(() => stepOf(call.value.diagnosis))
const hasWindings = computed(() => checks.value.some((one) => one.id === 'winding.pairs'))
const decided = computed(() => call.value.diagnosis.verdict.state === 'DECIDED')

const answered = (id: string) => {
  const facts = checks.value.find((one) => one.id === id)?.facts ?? []
  const sent = new Set(waiting.value.map((change) => (change.body as { fact?: string }).fact))
  return facts.every((fact) => standing(fact) || sent.has(fact))
}
const asking = useAsking(
  {
    next,
    checks,
    tests: computed(() => [
      ...call.value.diagnosis.beforeChoosing,
      ...call.value.diagnosis.nextTests,
    ]),
    readings: computed(() => call.value.readings),
    answered,
  },
  String(useRoute().query.check ?? '') || null,
)
const { chosen, shown: shownId, check, test, again } = asking

/** The part has no name yet, though it is settled what is to be done. */
const unnamed = computed(() => !decided.value && call.value.diagnosis.nextTests[0])
const before = computed(() =>
  alsoWorthALook(call.value.diagnosis, shownId.value).map((one) => ({
    ...one,
    ask: checks.value.find((check) => check.id === one.id)?.ask ?? one.ask,
  })),
)

const meter = useMeter(call.value)
const openFact = ref('')

/** Where the tips go is shown for readings at a plug; the winding's own picture shows its leads. */
const tipsAt = computed(() => {
  const fact = check.value?.facts.includes(openFact.value) ? openFact.value : check.value?.facts[0]
  // Where the tips go differs from kind to kind.
  if (!fact || decided.value || mayBe.value.length) return ''
  const winding = /^(winding|emf)/.test(fact)
  return !winding && probesOf(family.value, fact).length ? fact : ''
})
watch(
  () => card.value?.openFact,
  (fact) => (openFact.value = fact ?? ''),
)

const relabel = (wires: Record<string, string>) =>
  tell({ ...toldLast.value, wires } as Call['particulars'])

/** A warning that stands in full beside what it belongs to is not repeated. */
const warnings = computed(() =>
  call.value.diagnosis.warnings.filter(
    (one) => one.id !== 'UNUSUAL' && (!next.value?.again || !AT_ODDS.includes(one.id)),
  ),
)
/** An answer that is rare for this complaint: was it heard right? */
const unusual = computed(() => call.value.diagnosis.warnings.filter((one) => one.id === 'UNUSUAL'))
const notes = computed(() => call.value.diagnosis.notes)

const narrow = () => window.matchMedia('(max-width: 719px)').matches

/** The bar of stages at the foot of a telephone's screen [px]. */
const FOOT = 62

/** On a telephone: just as far as question, pad and Record are on the screen together. */
async function toCard() {
  await nextTick()
  const shown = card.value?.$el as HTMLElement | undefined
  if (!shown) return
  const { top } = shown.getBoundingClientRect()
  if (!narrow()) {
    if (top < 0 || top > window.innerHeight / 2) shown.scrollIntoView({ block: 'start' })
    return
  }
  const answers = shown.querySelector('.entry') ?? shown.querySelector('.word') ?? shown
  const below = answers.getBoundingClientRect().bottom - (window.innerHeight - FOOT)
  window.scrollBy(0, top < 0 ? top : Math.min(top, Math.max(below, 0)))
}

// What is at odds is looked at first, and on a wide screen all stands side by side.
onMounted(() => {
  if (narrow() && !next.value?.again) requestAnimationFrame(() => void toCard())
})

watch(shownId, (now, before) => {
  if (now && before) void toCard()
})

function take(id: string, onceMore = false) {
  asking.take(id, onceMore)
  station.value = null
  picking.value = false
  void toCard()
}

const single = useSingleTouch()

async function record(fact: string, value: Value, taken?: Taken) {
  if (!single([fact, value])) return
  await recordNow(fact, value, { again: asking.reading(fact), taken })
}

useKeys({
  next: asking.back,
  undo: () => void undo(),
  help: () => emit('help'),
  digit: (key) => card.value?.type(key),
  take: () => card.value?.take(),
  hold: () => meter.state.machine && meter.hold(),
})
</script>

<template>
  <div class="prove">
    <RepairNotice />
    <WhatToDo />
    <AtOdds v-if="next?.again" @again="(check) => take(check, true)" />
    <p v-if="mayBe.length" class="notice unusual">
      It can be several motors: {{ [family, ...mayBe].map(familyTitle).join('; ') }}. Asked is what
      they share.
      <router-link class="says" :to="`/calls/${call.id}/hear`">Say which it is</router-link>
    </p>
    <p v-for="one in unusual" :key="one.sentence" class="notice unusual">
      {{ one.sentence }}
      <router-link class="says" :to="`/calls/${call.id}/hear`">Change what was heard</router-link>
    </p>
    <ChainLine
      :next="check?.station"
      :open="station"
      @pick="(id) => (station = station === id ? null : id)"
    />
    <StationSheet v-if="station" :station="station" @check="take" @close="station = null" />
    <p v-if="refusal" class="notice failed" role="alert">
      {{ refusal.label }}: {{ refusal.refusal.message }}
    </p>
    <div class="columns">
      <div class="column">
        <AskedHere stage="PROVE" />
        <CheckCard
          v-if="check"
          ref="card"
          :check="check"
          :test="test"
          :again="again"
          :chosen="chosen !== null"
          :meter="meter"
          @record="record"
          @another="picking = true"
          @undo="undo()"
          @next="asking.back()"
          @again="asking.ask"
        />
        <section v-if="!check || before.length" class="card more" aria-label="Still worth a look">
          <h2>
            {{ before.length ? 'Still worth a look before you choose' : 'Nothing more to ask' }}
          </h2>
          <p v-if="!before.length && !decided && !unnamed">
            No check is left that would tell more. Take a doubtful reading once more, or a check by
            another way.
          </p>
          <ul v-if="before.length" class="plain">
            <li v-for="one in before" :key="one.id">
              <button class="link-button" @click="take(one.id, one.again)">
                {{ one.again ? 'Once more: ' : '' }}{{ one.ask }}
              </button>
            </li>
          </ul>
          <p v-if="!check" class="row">
            <button v-if="unnamed" class="link-button" @click="take(unnamed.id)">
              Go on, to name the part
            </button>
            <button class="link-button" @click="picking = true">Another check</button>
            <router-link class="says" :to="`/ear/${call.id}`">Speed by ear</router-link>
            <button class="link-button" @click="undo()">Undo</button>
          </p>
        </section>
        <UnitNotice known-only />
        <PairTemperature />
        <p v-for="warning in warnings" :key="warning.sentence" class="notice">
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
    <ReadingLog @again="(id) => take(id, true)" />
    <CheckPicker v-model="picking" @check="take" />
  </div>
</template>

<style scoped>
.prove {
  display: grid;
  gap: 14px;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1.2fr) minmax(0, 0.95fr);
  gap: 18px;
  align-items: start;
}

.column,
.more,
.windings {
  display: grid;
  gap: 12px;
}

.bad {
  color: var(--failed);
  font-weight: 650;
}

.unusual .says {
  margin-left: 8px;
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
}
</style>
