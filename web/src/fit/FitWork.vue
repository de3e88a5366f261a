<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import { useJudged } from '../call/judged'
import ProveRepair from '../repair/ProveRepair.vue'
import WireStage from '../wire/WireStage.vue'
import FailLeads from './FailLeads.vue'
import type { FitDoc } from './fit'
import FitSteps from './FitSteps.vue'

/** The way that was chosen: by hand, by wire, and proved; what fails leads on. */
const { call, fitted } = useCall()
const emit = defineEmits<{ help: [] }>()
const fit = useJudged<FitDoc, 'fit'>('fit', 'fits', () => call.value.fit!.fit as FitDoc, fitted)
const { doc, answer, faults, fault, take } = fit

/** What of the wiring stands in the way of power. */
const wiring = ref('')

/** What the first run showed, where it opens a search. */
const firstRun = computed(() =>
  answer.value?.steps
    .filter((one) => one.state === 'TROUBLE')
    .flatMap((one) => one.step.asks)
    .flatMap((ask) => ask.words.filter((word) => word.id === doc.value.notes[ask.id]))
    .find((word) => word.opens),
)
const failed = computed(() => call.value.repair?.checks.find((one) => one.state === 'FAIL'))
</script>

<template>
  <FitSteps
    :doc="doc"
    :answer="answer"
    :faults="faults"
    :fault="fault"
    :take="take"
    :wiring="wiring"
  />
  <FailLeads
    v-if="(firstRun || failed) && answer && !doc.hold"
    :doc="doc"
    :changed="answer.changed"
    :fails="firstRun ? `At its first call it ${firstRun.title}.` : failed!.sentence"
    :opens="firstRun ? firstRun.opens : failed!.opens"
    :take="take"
  />
  <WireStage @help="emit('help')" @stands="(why) => (wiring = why)" />
  <ProveRepair
    :key="call.repair!.proof.way as string"
    :open="!!answer?.done || !!call.repair!.author"
  />
</template>
