<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import OptionGroup from '../shared/OptionGroup.vue'
import MarkedPhotos from './MarkedPhotos.vue'
import PhotoStrip from '../hear/PhotoStrip.vue'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import WatchCount from './WatchCount.vue'
import {
  capital,
  changedAt,
  marked,
  neverOut,
  noted,
  oneWord,
  takenOut,
  type Ask,
  type FitDoc,
  type Note,
  type Standing,
} from './fit'

/** One thing to do with the hands: what and why, what is given back for it, what is noted at it. */
const props = defineProps<{
  standing: Standing
  doc: FitDoc
  faults: { path: string; message: string }[]
  stage: string
  /** What stands in the way of it elsewhere; empty for nothing. */
  against: string
}>()
const emit = defineEmits<{ told: [doc: FitDoc] }>()

const step = computed(() => props.standing.step)
const typed = reactive<Record<string, string>>(
  Object.fromEntries(
    props.standing.step.asks.map((one) => [one.id, String(props.doc.notes[one.id] ?? '')]),
  ),
)
const words = computed(() => step.value.asks.filter((one) => one.words.length))
const others = computed(() => step.value.asks.filter((one) => !one.words.length))
const alone = computed(() => oneWord(step.value))
const faultOf = (id: string) =>
  props.faults.find((one) => one.path === `notes.${id}`)?.message ?? missing.value[id]
const missing = ref<Record<string, string>>({})

function value(ask: Ask): Note | undefined {
  const text = typed[ask.id]?.trim()
  if (!text) return undefined
  return ask.least === null ? text : (readNumber(text) ?? text)
}

const told = () =>
  noted(
    props.doc,
    step.value.asks,
    Object.fromEntries(step.value.asks.map((one) => [one.id, value(one)])),
  )

/** A word is kept at once; where it is all that is asked, the step is done with it. */
function say(ask: Ask, word: string | undefined) {
  typed[ask.id] = word ?? ''
  const good = word !== undefined && !ask.words.find((one) => one.id === word)?.leadsTo
  emit('told', alone.value && good ? marked(told(), step.value.id) : told())
}

function done() {
  missing.value = Object.fromEntries(
    step.value.asks
      .filter((one) => one.needed && value(one) === undefined)
      .map((one) => [one.id, 'Needed here, or leave the step out with a word why.']),
  )
  if (Object.keys(missing.value).length) return
  emit('told', marked(told(), step.value.id))
}

const skipping = ref(false)
const why = ref('')
function skip() {
  if (why.value.trim()) emit('told', marked(told(), step.value.id, why.value.trim()))
}

const another = ref('')
const out = (what: string) => {
  if (what.trim()) emit('told', takenOut(props.doc, what.trim()))
  another.value = ''
}
const notOut = computed(() =>
  step.value.suggested.filter((one) => !props.doc.removed.some(({ what }) => what === one)),
)
/** The last that came out goes in first. */
const reversed = computed(() => props.doc.removed.map((one, at) => ({ ...one, at })).reverse())
const allBack = computed(() => props.doc.removed.every((one) => one.back))
</script>

<template>
  <form class="step stack fresh" :aria-label="step.title" @submit.prevent="done">
    <p class="stage">{{ stage }}</p>
    <h2>{{ step.title }}</h2>
    <p v-for="one in step.cautions" :key="one" class="notice small">{{ one }}</p>
    <p class="what">{{ step.sentence }}</p>
    <p v-if="step.why" class="soft">{{ step.why }}</p>
    <dl v-if="step.back.length" class="back" aria-label="As it was">
      <div v-for="one in step.back" :key="one.title">
        <dt>{{ one.title }}</dt>
        <dd>{{ one.value }}</dd>
      </div>
    </dl>
    <p v-if="against" class="notice" role="status">{{ against }}</p>
    <WatchCount v-if="step.counts" :seconds="step.counts" />
    <p v-if="standing.state === 'TROUBLE'" class="notice failed" role="alert">
      {{ standing.note }}
    </p>
    <template v-if="step.list === 'OUT'">
      <ol v-if="doc.removed.length" class="removed" aria-label="Came out, in this order">
        <li v-for="(one, at) in doc.removed" :key="at">
          <span class="row thing"
            >{{ one.what }}
            <button type="button" class="link-button" @click="emit('told', neverOut(doc, at))">
              Not out
            </button></span
          >
          <el-input
            :model-value="one.where"
            :name="`where-${at}`"
            :aria-label="`Where the screws of ${one.what} are`"
            maxlength="200"
            placeholder="screws, where"
            @change="(where: string) => emit('told', changedAt(doc, at, { where }))"
          />
        </li>
      </ol>
      <div class="options">
        <button
          v-for="one in notOut"
          :key="one"
          type="button"
          class="quiet-button"
          @click="out(one)"
        >
          {{ one }}
        </button>
      </div>
      <div class="row add">
        <el-input
          v-model="another"
          name="removed"
          aria-label="Something else that came out"
          maxlength="200"
          placeholder="something else"
          autocomplete="off"
          @keydown.enter.prevent="out(another)"
        />
        <button type="button" class="quiet-button" @click="out(another)">Came out</button>
      </div>
    </template>
    <template v-else-if="step.list === 'BACK'">
      <p v-if="!doc.removed.length" class="soft">Nothing was noted as taken out.</p>
      <ol class="plain removed" aria-label="Goes back, in this order">
        <li v-for="one in reversed" :key="one.at">
          <label class="tick">
            <input
              type="checkbox"
              :checked="one.back"
              @change="emit('told', changedAt(doc, one.at, { back: !one.back }))"
            />
            <span
              >{{ one.what }} <span class="soft">{{ one.where }}</span></span
            >
          </label>
        </li>
      </ol>
    </template>
    <OptionGroup
      v-for="one in words"
      :key="one.id"
      :model-value="typed[one.id] || undefined"
      :title="one.title"
      :options="one.words.map(({ id, title }) => ({ value: id, label: capital(title) }))"
      required
      @update:model-value="(word?: string) => say(one, word)"
    />
    <p v-for="one in words.filter((ask) => faultOf(ask.id))" :key="`${one.id} fault`" class="fault">
      {{ one.title }}: {{ faultOf(one.id) }}
    </p>
    <div v-if="others.length" class="figures">
      <template v-for="one in others" :key="one.id">
        <FigureInput
          v-if="one.least !== null"
          v-model="typed[one.id]!"
          :name="one.id"
          :title="one.title"
          :unit="one.unit"
          :fault="faultOf(one.id)"
        />
        <label v-else class="named text">
          {{ one.title }}
          <el-input v-model="typed[one.id]" :name="one.id" maxlength="200" autocomplete="off" />
          <span v-if="faultOf(one.id)" class="fault" role="alert">{{ faultOf(one.id) }}</span>
        </label>
      </template>
    </div>
    <MarkedPhotos
      v-if="step.photos === 'MARKED' || step.photos === 'SHOWN'"
      :marks="doc.photoMarks"
      :editable="step.photos === 'MARKED'"
      @marks="(photoMarks) => emit('told', { ...told(), photoMarks })"
    />
    <details v-if="step.photos === 'TAKEN' || step.photos === 'MARKED'" class="fold">
      <summary>Photos</summary>
      <PhotoStrip />
    </details>
    <div class="row act">
      <button
        v-if="!alone || standing.state === 'DONE'"
        type="submit"
        class="go"
        :disabled="!!against || (step.list === 'BACK' && !allBack)"
      >
        Done
      </button>
      <button
        v-if="step.skippable && !skipping && standing.state !== 'TROUBLE'"
        type="button"
        class="link-button"
        @click="skipping = true"
      >
        Leave it out
      </button>
      <span v-if="!step.skippable" class="soft">This one is not left out.</span>
    </div>
    <div v-if="skipping" class="row skip">
      <el-input
        v-model="why"
        name="why"
        aria-label="Why it is left out"
        placeholder="why, in a word"
        maxlength="200"
        @keydown.enter.prevent="skip"
      />
      <button type="button" class="quiet-button" :disabled="!why.trim()" @click="skip">
        Left out
      </button>
      <button type="button" class="link-button" @click="skipping = false">No</button>
    </div>
  </form>
</template>

<style scoped>
.step {
  padding: 16px 18px;
  border: 2px solid var(--copper);
  border-radius: 6px;
  background: var(--card);
}

.stage {
  color: var(--copper);
  font-weight: 700;
  font-size: 0.9375rem;
}

h2 {
  font-size: 1.375rem;
  line-height: 1.2;
}

.what {
  font-size: 1.0625rem;
}

.back {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 10px 14px;
  border: 1px solid var(--good);
  border-left-width: 5px;
  border-radius: 4px;
}

.back > div {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 14px;
}

.back dd {
  margin: 0;
  font-weight: 700;
}

.removed {
  margin: 0;
  padding-left: 22px;
}

.removed.plain {
  padding-left: 0;
}

.removed > li {
  border-bottom: 1px solid var(--rule);
}

ol.removed:not(.plain) > li {
  display: list-item;
}

.thing {
  justify-content: space-between;
  font-weight: 650;
}

.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
  align-items: end;
}

.text {
  grid-column: 1 / -1;
}

.add,
.skip {
  flex-wrap: nowrap;
  gap: 10px;
}

.act {
  gap: 6px 18px;
}

.go {
  min-width: 180px;
  border: 0;
  cursor: pointer;
}

.go:disabled {
  background: var(--rule-strong);
  cursor: default;
}

@media (max-width: 719px) {
  .go {
    flex: 1 1 100%;
  }
}
</style>
