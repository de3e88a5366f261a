<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Route } from '../api/types'
import { useCall } from '../call/call'
import { routeTitle } from '../catalogue/catalogue'
import { day } from '../shared/time'
import PaperLink from '../shared/PaperLink.vue'
import { sorted } from './choice'
import CustomerSheet from './CustomerSheet.vue'

/** What the customer said to the ways laid before them: which, by whom, when. */
const { call, answer } = useCall()

const said = computed(() => call.value.answers)
const last = computed(() => said.value[0])
const ways = computed(() => sorted(call.value.ways).left)
const open = ref(false)
const laid = ref(false)
const THINKS = 'THINKS'
const route = ref<Route | typeof THINKS | ''>('')
const by = ref('')
const on = ref('')
const note = ref('')
const faults = ref<Record<string, string>>({})

const today = () => new Date().toLocaleDateString('sv', { timeZone: call.value.settings.timeZone })

function begin() {
  open.value = !open.value
  route.value = ''
  by.value = last.value?.by ?? ''
  on.value = today()
  note.value = ''
  faults.value = {}
}

function keep() {
  faults.value = {}
  if (!route.value) faults.value.route = 'Pick what was said.'
  if (!by.value.trim()) faults.value.by = 'Who said so?'
  if (!on.value || on.value > today()) faults.value.on = 'Allowed is a day up to today.'
  if (Object.keys(faults.value).length) return
  void answer({
    route: route.value === THINKS ? undefined : (route.value as Route),
    by: by.value.trim(),
    on: on.value,
    note: note.value.trim() || undefined,
  })
  open.value = false
}
const words = (of: Route | undefined) => (of ? routeTitle(of) : 'Thinks it over')
const apart = computed(() => {
  const chosen = call.value.decisions[0]?.route
  return last.value?.route && chosen && last.value.route !== chosen ? chosen : null
})
</script>

<template>
  <section class="card stack" aria-label="The customer’s answer">
    <h2>The customer’s answer</h2>
    <p v-if="last" role="status">
      <strong>{{ words(last.route) }}</strong>, said by {{ last.by }} on {{ day(last.on) }}.
      <template v-if="last.note">“{{ last.note }}”</template>
      <span class="soft">
        {{ last.signed ? 'Signed on the screen, kept' : 'Written down' }} by
        {{ last.author }}.</span
      >
    </p>
    <p v-if="apart" class="notice">
      What was chosen here is {{ routeTitle(apart).toLowerCase() }}: one of the two is to change.
    </p>
    <ul v-if="said.length > 1" class="plain soft">
      <li v-for="one in said.slice(1)" :key="one.id">
        Before: {{ words(one.route).toLowerCase() }}, {{ one.by }}, {{ day(one.on) }}
      </li>
    </ul>
    <p v-if="!open" class="row">
      <button type="button" class="quiet-button" @click="begin">
        {{ last ? 'Another answer' : 'Write the answer down' }}
      </button>
      <button type="button" class="quiet-button" @click="laid = true">
        Lay the ways before them, and let them sign
      </button>
      <PaperLink :href="`/api/calls/${call.id}/sheet`" :call="call.id"
        >The same sheet (PDF)</PaperLink
      >
    </p>
    <form v-else class="stack" aria-label="An answer" @submit.prevent="keep">
      <fieldset>
        <legend>What was said</legend>
        <label v-for="way in ways" :key="way.route" class="tick">
          <input v-model="route" type="radio" name="answer" :value="way.route" />
          <span>{{ routeTitle(way.route) }}</span>
        </label>
        <label class="tick">
          <input v-model="route" type="radio" name="answer" :value="THINKS" />
          <span>Thinks it over</span>
        </label>
        <p v-if="faults.route" class="fault" role="alert">{{ faults.route }}</p>
      </fieldset>
      <div class="fields">
        <label class="named">
          By whom
          <el-input v-model="by" name="by" maxlength="100" autocomplete="off" />
          <span v-if="faults.by" class="fault" role="alert">{{ faults.by }}</span>
        </label>
        <label class="named">
          On
          <input v-model="on" type="date" name="on" />
          <span v-if="faults.on" class="fault" role="alert">{{ faults.on }}</span>
        </label>
        <label class="named">
          <span>In their words <span class="soft">if it matters</span></span>
          <el-input v-model="note" name="note" maxlength="1000" />
        </label>
      </div>
      <p class="row">
        <button type="submit" class="main-button">Keep the answer</button>
        <button type="button" class="link-button" @click="open = false">Close</button>
      </p>
    </form>
    <CustomerSheet v-if="laid" v-model="laid" />
  </section>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  font-weight: 650;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 14px 20px;
}

input[type='date'] {
  min-height: var(--target);
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
  font-weight: 400;
}
</style>
