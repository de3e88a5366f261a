<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { MotorPlate, Particulars } from '../api/types'
import { useCall } from '../call/call'
import { send } from '../keep/queue'
import OptionGroup from '../shared/OptionGroup.vue'
import { capital, noted, type Ask, type FitDoc } from './fit'

/**
 * A repair that fails: first what was changed; where all of it is right, a new search, on the new
 * part, in a call of its own that knows what was found on the old one.
 */
const props = defineProps<{
  doc: FitDoc
  changed: Ask[]
  fails: string
  /** The complaint of a new search; nothing where its own causes are all that is looked at. */
  opens?: Particulars['symptom'] | null
  take: (doc: FitDoc) => Promise<boolean>
}>()

const { call } = useCall()
const router = useRouter()

/** A capacitor motor has no electronics to search: its own sheet has its few checks. */
const searched = computed(
  () => props.opens && (props.doc.case as { fitted: MotorPlate }).fitted.family !== 'PSC',
)
const said = (ask: Ask) => props.doc.notes[ask.id] as string | undefined
const left = computed(() => props.changed.filter((one) => !said(one)).length)
const mended = computed(() => props.changed.some((one) => said(one) === 'MENDED'))

const say = (ask: Ask, word: string | undefined) =>
  void props.take(noted(props.doc, props.changed, { [ask.id]: word }))

const search = crypto.randomUUID()
const reading = crypto.randomUUID()

/** Touched twice it is one search. */
let begun = false

async function open() {
  if (begun) return
  begun = true
  const told = call.value.particulars
  const fitted = (props.doc.case as { fitted: MotorPlate }).fitted
  const body: Particulars = {
    ...told,
    complaint:
      `Since the repair: ${props.fails} Before it: ${call.value.diagnosis.verdict.sentence}`.slice(
        0,
        2000,
      ),
    symptom: props.opens!,
    also: [],
    motor: fitted,
    mayBe: [],
    agreed: [],
    wires: {},
  }
  // With a radio or without: it goes on in the new call at once.
  const sent = [
    send({ id: search, path: `/api/calls/${search}`, body, label: 'A new search', call: search }),
    send({
      id: reading,
      path: `/api/calls/${search}/readings/${reading}`,
      body: { fact: 'replaced.recently', value: true, phase: 'BEFORE', again: false },
      label: 'Replaced recently: yes',
      call: search,
    }),
  ]
  await props.take({
    ...props.doc,
    hold: { reason: 'NEW_SEARCH', note: props.fails.replace(/\.$/, ''), bring: '', left: [] },
    search,
  })
  await Promise.all(sent)
  await router.push(`/calls/${search}/prove`)
}
</script>

<template>
  <section class="card stack failed" aria-labelledby="fails">
    <h2 id="fails">It is not done: first what was changed</h2>
    <p>{{ fails }}</p>
    <p class="soft">Power off, locked, the wait, below 50 V before a plug is touched.</p>
    <OptionGroup
      v-for="one in changed"
      :key="one.id"
      :title="one.title"
      :model-value="said(one)"
      :options="one.words.map(({ id, title }) => ({ value: id, label: capital(title) }))"
      @update:model-value="(word?: string) => say(one, word)"
    />
    <p v-if="mended" role="status">Mended: run it, and read again what failed.</p>
    <template v-else-if="!left && searched">
      <p>All of it is right and it fails still: the new part is searched like any other.</p>
      <button type="button" class="go" @click="open">Open a search on the new part</button>
    </template>
    <p v-else-if="left" class="soft">
      {{ left }} still to be looked at{{
        searched ? '; a new search opens when all of it is right' : ''
      }}.
    </p>
    <p v-else-if="opens">
      All of it is right and it fails still: its capacitor, its leads and its winding, by its own
      sheet.
    </p>
  </section>
</template>

<style scoped>
.failed {
  border-left: 5px solid var(--failed);
}

.go {
  border: 0;
  padding: 0 18px;
  cursor: pointer;
}
</style>
