<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { Route, WaysSheet } from '../api/types'
import { useCall } from '../call/call'
import { useNewest } from '../shared/newest'
import { day, dayIn } from '../shared/time'
import { FIELD } from './signature'
import SignaturePad from './SignaturePad.vue'

/** What is laid before the customer, on this screen: the ways side by side, and a field to sign in. */
const open = defineModel<boolean>({ required: true })

const { call, sheet, answer } = useCall()
const THINKS = 'THINKS'

const shown = shallowRef<WaysSheet | null>(null)
const { ask, fault } = useNewest()
const load = () => ask(sheet, (said) => (shown.value = said))
watch([call, open], () => open.value && load(), { immediate: true })

const route = ref<Route | typeof THINKS | ''>('')
const by = ref('')
const strokes = ref('')
const pad = ref<InstanceType<typeof SignaturePad> | null>(null)
const faults = ref<Record<string, string>>({})
const again = ref(false)
/** Whether something else is to be said than what was. */
const anew = ref(false)

const today = () => dayIn(call.value.settings.timeZone)
const priced = (asOf: string) =>
  dayIn(call.value.settings.timeZone, new Date(asOf)) < today()
    ? `The part’s price is of ${day(asOf)}.`
    : ''

/** What a name is put to, line by line. */
const under = computed(() =>
  route.value === THINKS
    ? (shown.value?.toThink ?? [])
    : (shown.value?.ways.find((one) => one.route === route.value)?.signed ?? []),
)
// A name stands for what was above it when it was written, and for nothing else.
watch(under, (now, before) => {
  if (!strokes.value || now.join('\n') === before.join('\n')) return
  pad.value?.clear()
  again.value = true
})

async function keep() {
  faults.value = {}
  if (!under.value.length) faults.value.route = 'Pick one.'
  if (!by.value.trim()) faults.value.by = 'Whose name is it?'
  if (!strokes.value) faults.value.strokes = 'Sign in the field.'
  if (Object.keys(faults.value).length) return
  const kept = answer({
    route: route.value === THINKS ? undefined : (route.value as Route),
    by: by.value.trim(),
    on: today(),
    signed: { strokes: strokes.value, under: under.value },
  })
  pad.value?.clear()
  route.value = ''
  again.value = false
  anew.value = false
  await kept
}
const answered = computed(() => (anew.value ? undefined : shown.value?.answer))
</script>

<template>
  <el-dialog v-model="open" fullscreen class="sheet" :title="call.particulars.place">
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <div v-if="shown" class="stack">
      <p class="soft">{{ shown.unit }}</p>
      <h2>What was found</h2>
      <p class="verdict">{{ shown.verdict }}</p>
      <p v-if="!shown.proved">This is not proved yet: what follows can still change.</p>
      <p>{{ shown.warranty }}</p>
      <h2>Ways forward</h2>
      <p v-if="!shown.ways.length">None can be offered yet.</p>
      <ul v-else class="ways">
        <li v-for="way in shown.ways" :key="way.route" class="card">
          <h3>{{ way.title }}</h3>
          <p v-if="way.chosen" class="said">Chosen</p>
          <p v-else-if="way.advised" class="said">What we advise</p>
          <p>{{ way.detail }}</p>
          <p class="price">{{ way.price }}</p>
          <p v-if="way.asOf && priced(way.asOf)" class="soft">{{ priced(way.asOf) }}</p>
          <p v-if="way.days">{{ way.days }}</p>
          <p v-if="way.meanwhile">{{ way.meanwhile }}</p>
          <p v-if="way.open">{{ way.open }}</p>
          <template v-if="way.lost.length">
            <h4>Given up with it</h4>
            <ul class="lost">
              <li v-for="one in way.lost" :key="one">{{ one }}</li>
            </ul>
          </template>
        </li>
      </ul>
      <p v-if="shown.ways.length">{{ shown.holds }}</p>
      <h2>Your answer</h2>
      <div v-if="answered" class="stack" role="status">
        <p class="price">{{ answered.said }}</p>
        <p>{{ answered.by }}</p>
        <p v-if="answered.note">“{{ answered.note }}”</p>
        <template v-if="answered.signed">
          <svg
            class="name"
            :viewBox="`0 0 ${FIELD.width} ${FIELD.height}`"
            role="img"
            aria-label="The name, written by hand"
          >
            <path :d="answered.signed.strokes" />
          </svg>
          <p class="soft">Signed under:</p>
          <ul class="lost">
            <li v-for="one in answered.signed.under" :key="one">{{ one }}</li>
          </ul>
        </template>
        <p v-if="answered.otherNow" class="notice">
          Something of it has changed since it was signed.
        </p>
        <p>
          <button type="button" class="quiet-button" @click="anew = true">Another answer</button>
        </p>
      </div>
      <form v-else class="stack" aria-label="Your answer" @submit.prevent="keep">
        <fieldset>
          <legend class="visually-hidden">Which way</legend>
          <label v-for="way in shown.ways" :key="way.route" class="tick">
            <input v-model="route" type="radio" name="sheet-answer" :value="way.route" />
            <span>{{ way.title }}: {{ way.price }}</span>
          </label>
          <label class="tick">
            <input v-model="route" type="radio" name="sheet-answer" :value="THINKS" />
            <span>I want to think it over</span>
          </label>
          <p v-if="faults.route" class="fault" role="alert">{{ faults.route }}</p>
        </fieldset>
        <label class="named whose">
          Name
          <el-input v-model="by" name="sheet-by" maxlength="100" autocomplete="off" />
          <span v-if="faults.by" class="fault" role="alert">{{ faults.by }}</span>
        </label>
        <div v-if="under.length" class="soft">
          You sign:
          <ul class="lost">
            <li v-for="one in under" :key="one">{{ one }}</li>
          </ul>
        </div>
        <p v-if="again && !strokes" class="notice" role="status">
          What is signed has changed: please sign once more.
        </p>
        <SignaturePad ref="pad" v-model="strokes" />
        <p v-if="faults.strokes && !strokes" class="fault" role="alert">{{ faults.strokes }}</p>
        <p class="row">
          <button type="submit" class="main-button">Keep the answer</button>
          <button type="button" class="quiet-button" @click="pad?.clear()">Sign anew</button>
        </p>
        <p class="soft">
          An answer without a name written by hand is written down at “The customer’s answer”.
        </p>
      </form>
    </div>
    <p v-else-if="!fault" class="soft" role="status">Putting the sheet together…</p>
  </el-dialog>
</template>

<style>
.el-dialog.sheet {
  padding: 16px;
  background: var(--paper);
}

.el-dialog.sheet .el-dialog__header,
.el-dialog.sheet .el-dialog__body {
  max-width: 900px;
  margin: 0 auto;
}

.el-dialog.sheet .el-dialog__title {
  font-size: 24px;
  font-weight: 700;
}

.el-dialog.sheet .el-dialog__headerbtn {
  width: 56px;
  height: 56px;
  font-size: 26px;
}

.el-dialog.sheet .el-dialog__close {
  color: var(--ink);
}
</style>

<style scoped>
.verdict {
  font-size: 18px;
  font-weight: 650;
}

.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: 14px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.ways .card {
  display: grid;
  gap: 8px;
  align-content: start;
}

h3,
h4 {
  margin: 0;
}

.price {
  font-size: 18px;
  font-weight: 700;
}

.said {
  color: var(--copper);
  font-weight: 700;
}

.lost {
  margin: 4px 0 0;
  padding-left: 18px;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

.whose {
  max-width: 420px;
}

.name {
  display: block;
  width: min(100%, 360px);
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: #fff;
}

.name path {
  fill: none;
  stroke: #1b232b;
  stroke-width: 7;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
