<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useCall } from '../call/call'
import { routeTitle } from '../catalogue/catalogue'
import PhotoStrip from '../hear/PhotoStrip.vue'
import { useKeys } from '../keys/keys'
import { counted } from '../shared/number'
import AddCall from './AddCall.vue'
import AddPart from './AddPart.vue'
import { openWork, stopped } from './work'
import CallTable from './CallTable.vue'
import PlanForm from './PlanForm.vue'
import PlanSteps from './PlanSteps.vue'
import PowerChecks from './PowerChecks.vue'
import RunStatus from './RunStatus.vue'
import TerminalBoard from './TerminalBoard.vue'
import type { AsWired, PlanDoc } from './types'
import WireList from './WireList.vue'
import { patternTitle } from './words'
import WiringDrawing from './WiringDrawing.vue'

/** A conversion: planned, made wire by wire and run after each, then proved before power. */
const { call, waiting, wire } = useCall()
const emit = defineEmits<{ help: []; stands: [why: string] }>()

const mine = new Set<string>()
const work = openWork((made) => mine.add(wire(made)))
const { made, progress, mend, looking, fault, refusal: refused } = work
/** A new plan is made while another wiring stands. */
const planning = ref(false)

/** What this device has not sent yet, or what the call holds; what came from here is here already. */
watch(
  () => call.value.wired,
  (kept) => {
    const unsent = waiting.value.findLast((save) => save.path.includes('/wirings/'))
    if (unsent) {
      if (!made.value) work.show(unsent.body as AsWired)
    } else if (kept && !mine.has(kept.id)) work.show(kept.made as AsWired)
  },
  { immediate: true },
)

/** Drawn as far as it is made, or with what is left to make. */
const asMade = ref(false)
const ahead = computed(
  () => made.value && progress.value && { ...made.value.wiring, wires: progress.value.ahead },
)

const draft = computed(() => call.value.planDraft?.plan as PlanDoc | undefined)
const chosen = computed(() => call.value.decisions[0]?.route)
/** A plan stands for the way that was chosen, and for no other. */
const wired = computed(() => call.value.planDraft !== undefined)
const notPlanned = computed(() => (made.value?.plan ? (call.value.wired?.notPlanned ?? []) : []))
const plan = computed(() => made.value?.plan)
const bad = computed(() => (progress.value ? stopped(progress.value.result) : []))
/** What is left to be done by hand. */
const left = computed(() => progress.value?.toMake.filter((one) => !one.there).length ?? 0)
const wires = computed(() => call.value.particulars.wires ?? {})

/** What of the wiring stands in the way of power; empty for nothing. */
const against = computed(() => {
  if (!made.value || !progress.value) return 'The wiring is not begun.'
  if (!progress.value.result.ok) return 'The wiring is not to be powered as it is recorded.'
  if (progress.value.toMake.length)
    return `Of the plan ${counted(progress.value.toMake.length, 'wire')} ${progress.value.toMake.length === 1 ? 'is' : 'are'} not recorded as made.`
  return made.value.ticks.some((one) => one.ok) ? '' : 'No ohm check is seen yet.'
})
watch(against, (why) => emit('stands', why), { immediate: true })

async function begin(planned?: PlanDoc) {
  await work.begin(planned)
  planning.value = false
}

useKeys({ undo: work.undo, help: () => emit('help') })
</script>

<template>
  <div class="wired">
    <template v-if="!made || planning">
      <p v-if="planning" class="row">
        <button type="button" class="link-button" @click="planning = false">
          Back to the wiring as it is
        </button>
      </p>
      <p v-if="!draft">
        <button type="button" class="link-button" @click="begin()">
          Record a wiring that is there
        </button>
      </p>
      <PlanForm
        v-else
        :draft="plan && planning ? plan : draft"
        :why="call.planDraft!.why"
        :assumed="call.planDraft!.assumed"
        @begin="begin"
        @nothing="begin()"
      />
    </template>
    <template v-else>
      <header class="row head">
        <h1>{{ plan ? patternTitle(plan.pattern) : 'Wired without a plan' }}</h1>
        <span class="soft digits">{{
          left
            ? `${counted(left, 'wire')} left to make`
            : `${made.wiring.wires.length} wires, all made`
        }}</span>
        <button
          type="button"
          class="quiet-button"
          :disabled="!work.canUndo.value"
          @click="work.undo"
        >
          Take back
        </button>
        <button type="button" class="link-button" @click="planning = true">Plan anew</button>
      </header>
      <p v-if="!wired && plan" class="notice failed" role="alert">
        {{
          chosen
            ? `This wiring was made for a conversion. The way chosen now is "${routeTitle(chosen)}": do not wire it so.`
            : 'No way is chosen: this wiring stands for none.'
        }}
      </p>
      <p v-if="notPlanned.length" class="notice failed" role="alert">
        Since this was planned it is known that the unit has {{ notPlanned.join(', ') }}. Nobody has
        seen what the fan does then: plan anew before power.
      </p>
      <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
      <p v-if="refused" class="notice" role="alert">{{ refused }}</p>
      <RunStatus
        v-if="progress"
        :progress="progress"
        :mend="mend"
        :looking="looking"
        @mend="(mend) => work.edit({ mend })"
      />
      <div class="beside even">
        <div class="stack">
          <div v-if="progress" class="card stack">
            <p class="notice">
              Breaker off, locked and proved dead; capacitors discharged, before a wire is touched.
            </p>
            <PlanSteps
              :steps="progress.toMake"
              @made="(wires) => work.edit({ wires })"
              @there="(there, colour) => work.edit({ there, colour })"
            />
            <TerminalBoard
              :parts="progress.parts"
              :wires="made.wiring.wires"
              :bad="bad"
              @wire="(wire) => work.edit({ wire })"
              @off="(off) => work.edit({ off })"
              @cap="(cap) => work.edit({ cap })"
              @part="(partOff) => work.edit({ partOff })"
            />
            <WireList
              :wires="made.wiring.wires"
              :marks="made.marks"
              :strange="progress.strange"
              :planned="progress.planned"
              @off="(off) => work.edit({ off })"
              @mark="(mark, colour, label) => work.edit({ mark, colour, label })"
            />
            <AddPart :free="progress.free" @add="(part) => work.edit({ part })" />
            <AddCall
              v-if="!plan"
              :wiring="made.wiring"
              @add="(call) => work.edit({ call })"
              @off="(callOff) => work.edit({ callOff })"
            />
            <dl v-if="Object.keys(wires).length" class="old">
              <dt>The old motor’s wires</dt>
              <dd v-for="(colour, terminal) in wires" :key="terminal">
                {{ terminal }}: {{ colour }}
              </dd>
            </dl>
          </div>
          <div v-if="progress?.done || made.ticks.length" class="card">
            <PowerChecks
              :wiring="made.wiring"
              :ticks="made.ticks"
              @ticked="(ticks) => work.change({ ...made!, ticks })"
            />
          </div>
        </div>
        <div class="stack">
          <div class="card">
            <WiringDrawing
              :wiring="asMade || !progress ? made.wiring : ahead!"
              :calls="asMade ? undefined : progress?.result.calls"
              :bad="bad"
              :plan="plan"
              :marks="made.marks"
            >
              <button
                v-if="progress?.toMake.length"
                type="button"
                class="link-button"
                @click="asMade = !asMade"
              >
                {{ asMade ? 'As it will be' : 'Only what is made' }}
              </button>
            </WiringDrawing>
          </div>
          <div v-if="progress" class="card stack">
            <h2>{{ progress.beforeAfter ? 'Before and after' : 'Call by call' }}</h2>
            <p v-if="progress.toMake.length" class="soft">
              As it will be once the rest is made as planned.
            </p>
            <CallTable :result="progress.result" :before-after="progress.beforeAfter" />
          </div>
          <div class="card"><PhotoStrip :only="['AS_WIRED', 'WIRING']" /></div>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.wired {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}

.head {
  gap: 6px 18px;
}

.old {
  margin: 0;
}

.old dd {
  margin: 0;
}
</style>
