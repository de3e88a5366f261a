<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useCall } from '../call/call'
import { catalogue, routeTitle } from '../catalogue/catalogue'
import FitCard from './FitCard.vue'
import { type FitDoc, type Fitting, type Hold, type Standing, unmarked } from './fit'
import HoldForm from './HoldForm.vue'

/** The way that was chosen, by hand: one thing after the other. */
const props = defineProps<{
  doc: FitDoc
  answer: Fitting | null
  faults: { path: string; message: string }[]
  fault: string
  take: (doc: FitDoc) => Promise<boolean>
  /** What of the wiring stands in the way of power; empty for nothing. */
  wiring: string
}>()
const { call } = useCall()

/** A step that a person went to by hand. */
const open = ref('')
const holding = ref(false)
/** Where there is room, all steps stand beside the one. */
const wide = matchMedia('(min-width: 1024px)').matches
const card = ref<HTMLElement | null>(null)

const steps = computed(() => props.answer?.steps ?? [])
const now = computed(
  () =>
    steps.value.find((one) => one.step.id === open.value) ??
    steps.value.find((one) => one.step.id === props.answer?.next),
)
const seen = computed(
  () => steps.value.filter((one) => one.state === 'DONE' || one.state === 'SKIPPED').length,
)
const stages = computed(() =>
  (catalogue.value?.fitStages ?? [])
    .map((stage) => {
      const mine = steps.value.filter((one) => one.step.stage === stage.id)
      const left = mine.filter((one) => one.state === 'TO_DO' || one.state === 'TROUBLE')
      return {
        ...stage,
        steps: mine,
        state: mine.some((one) => one.state === 'TROUBLE')
          ? 'trouble'
          : !left.length
            ? 'done'
            : now.value?.step.stage === stage.id
              ? 'now'
              : 'open',
      }
    })
    .filter((one) => one.steps.length),
)
const hold = computed(() => props.doc.hold)
const held = computed(() => catalogue.value?.holds.find((one) => one.id === hold.value?.reason))
const leftTitle = (id: string) => catalogue.value?.leftToDo.find((one) => one.id === id)?.title

async function told(next: FitDoc) {
  const was = now.value?.step.id
  if (!(await props.take(next))) return
  // Whoever looks at a step that is done by now is led on; one in trouble stays.
  const mine = steps.value.find((one) => one.step.id === was)
  if (!mine || mine.state === 'DONE' || mine.state === 'SKIPPED') {
    open.value = ''
    await nextTick()
    card.value?.scrollIntoView({ block: 'nearest' })
  } else open.value = mine.step.id
}

async function holdAt(next: Hold | undefined) {
  const changed = { ...props.doc }
  delete changed.hold
  if (await props.take(next ? { ...changed, hold: next } : changed)) holding.value = false
}

const goTo = (one: Standing) => {
  open.value = one.step.id
  card.value?.scrollIntoView({ block: 'nearest' })
}

const SIGNS = { TO_DO: '○', DONE: '✓', SKIPPED: '–', TROUBLE: '×' }
const SAID = { TO_DO: 'to do', DONE: 'done', SKIPPED: 'left out', TROUBLE: 'stands against it' }
const strangeFaults = computed(() =>
  props.faults.filter((one) => !/^(notes|hold)\./.test(one.path)),
)
</script>

<template>
  <section class="stack" aria-labelledby="by-hand">
    <header class="row head">
      <h1 id="by-hand">{{ routeTitle(call.decisions[0]!.route) }}: by hand</h1>
      <span v-if="steps.length" class="soft digits">{{ seen }} of {{ steps.length }}</span>
    </header>
    <ol class="stages" aria-label="Stretches of the work">
      <li v-for="one in stages" :key="one.id" :class="one.state">
        <span aria-hidden="true">{{
          one.state === 'done'
            ? '✓'
            : one.state === 'trouble'
              ? '×'
              : one.state === 'now'
                ? '▸'
                : '○'
        }}</span>
        {{ one.title }}
        <span class="visually-hidden">{{ one.state }}</span>
      </li>
    </ol>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <p v-for="one in strangeFaults" :key="one.path" class="notice failed" role="alert">
      {{ one.path }}: {{ one.message }}
    </p>
    <div v-if="hold" class="card stack held" role="status">
      <h2>{{ held?.title }}</h2>
      <p v-if="hold.note">{{ hold.note }}</p>
      <p>
        {{ held?.next }}
        <strong v-if="hold.until" class="digits">{{ hold.until }}</strong>
      </p>
      <p v-if="hold.bring"><strong>To bring:</strong> {{ hold.bring }}</p>
      <ul v-if="hold.left.length">
        <li v-for="one in hold.left" :key="one">{{ leftTitle(one) }}</li>
      </ul>
      <p v-if="doc.search">
        <router-link class="says" :to="`/calls/${doc.search}/prove`">To the new search</router-link>
      </p>
      <div class="row">
        <button type="button" class="quiet-button" @click="holdAt(undefined)">It goes on</button>
        <button type="button" class="link-button" @click="holding = !holding">Change it</button>
      </div>
    </div>
    <div class="beside">
      <div ref="card">
        <FitCard
          v-if="now && !hold"
          :key="now.step.id"
          :standing="now"
          :doc="doc"
          :faults="faults"
          :against="now.step.id === 'in.wiring' ? wiring : ''"
          :stage="stages.find((one) => one.id === now!.step.stage)?.title ?? ''"
          @told="told"
        />
        <p v-else-if="!hold && answer?.done" class="card fitted" role="status">
          <strong>Fitted.</strong> Now prove the repair, below.
        </p>
        <p v-else-if="!hold" class="soft" role="status">The steps are worked out…</p>
      </div>
      <details class="fold" :open="wide">
        <summary>
          <h2>All steps</h2>
          <span class="soft">{{ steps.length }}, of this job alone</span>
        </summary>
        <ul class="plain all">
          <li v-for="one in steps" :key="one.step.id">
            <button type="button" class="line" @click="goTo(one)">
              <span class="sign" :class="one.state" aria-hidden="true">{{ SIGNS[one.state] }}</span>
              <span>
                <strong>{{ one.step.title }}</strong>
                <span class="visually-hidden">{{ SAID[one.state] }}</span>
                <span v-for="back in one.noted" :key="back.title" class="soft small">
                  {{ back.title }}: {{ back.value }}.
                </span>
                <span v-if="one.note" class="soft small"> {{ one.note }}</span>
              </span>
            </button>
            <button
              v-if="one.state === 'DONE' || one.state === 'SKIPPED'"
              type="button"
              class="link-button"
              :aria-label="`Once more: ${one.step.title}`"
              @click="told(unmarked(doc, one.step.id))"
            >
              Once more
            </button>
          </li>
        </ul>
      </details>
    </div>
    <p v-if="!hold && !holding">
      <button type="button" class="link-button" @click="holding = true">
        It does not go on now: part, wrong part, loan, second visit
      </button>
    </p>
    <div v-if="holding" class="card">
      <HoldForm :hold="hold" :faults="faults" @hold="holdAt" />
    </div>
  </section>
</template>

<style scoped>
.head {
  gap: 6px 18px;
}

.stages {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 0.9375rem;
}

.stages .now,
.stages .trouble {
  font-weight: 700;
}

.stages .now {
  color: var(--copper);
}

.stages .trouble {
  color: var(--failed);
}

.stages .done {
  color: var(--good);
}

.held {
  border-left: 5px solid var(--suspect);
}

.held ul {
  margin: 0;
  padding-left: 20px;
}

.fitted {
  border-left: 5px solid var(--good);
}

.all > li {
  display: flex;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--rule);
}

.line {
  display: flex;
  flex: 1;
  gap: 10px;
  min-height: 48px;
  padding: 8px 4px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.line > span:last-child {
  display: grid;
  min-width: 0;
}

.sign {
  width: 1.2em;
  font-weight: 700;
  text-align: center;
}

.sign.DONE {
  color: var(--good);
}

.sign.TROUBLE {
  color: var(--failed);
}
</style>
