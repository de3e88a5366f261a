<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import { factOf } from '../catalogue/catalogue'
import type { Reading, Value } from '../api/types'
import { parse } from './value'

/** One or more numbers of one check, entered with keys or thumb; Enter records and moves on. */
const props = defineProps<{ facts: string[]; readings: Reading[] }>()
const emit = defineEmits<{ record: [fact: string, value: Value]; open: [fact: string] }>()

const typed = ref<Record<string, string>>({})
const fault = ref('')
const open = ref(0)
const inputs: (HTMLInputElement | null)[] = []
// A thumb gets our own pad, with OL on it, in place of the telephone's keyboard.
const thumb = window.matchMedia('(pointer: coarse)').matches

const standing = (fact: string) =>
  props.readings.find((reading) => reading.fact === fact && reading.standing)

const firstEmpty = () => {
  const index = props.facts.findIndex((fact) => !standing(fact) && !typed.value[fact])
  return index < 0 ? 0 : index
}

watch(
  () => props.facts.join(),
  () => {
    typed.value = {}
    fault.value = ''
    open.value = firstEmpty()
    void focus()
  },
  { immediate: true },
)

/** What was taken back stays in its field: mostly one figure of it is to be mended. */
watch(
  () => props.facts.map((fact) => standing(fact)?.id ?? ''),
  (now, before) => {
    props.facts.forEach((fact, index) => {
      const gone = before?.[index] && !now[index]
      const back = props.readings.find((one) => one.id === before?.[index])
      const figure = typeof back?.value === 'number' || back?.value === 'OL'
      if (gone && figure && back.retracted && !typed.value[fact]) {
        typed.value[fact] = String(back.value)
        open.value = index
      }
    })
  },
)

async function focus() {
  await nextTick()
  inputs[open.value]?.focus({ preventScroll: true })
}

function enter() {
  const id = props.facts[open.value]!
  const fact = factOf(id)!
  const read = parse(fact, typed.value[id] ?? '')
  if ('fault' in read) {
    fault.value = `${fact.title}: ${read.fault}`
    return
  }
  fault.value = ''
  emit('record', id, read.value)
  if (open.value + 1 < props.facts.length) {
    open.value++
    void focus()
  }
}

function press(key: string) {
  const id = props.facts[open.value]!
  const now = typed.value[id] ?? ''
  fault.value = ''
  if (key === 'Del') typed.value[id] = now.slice(0, -1)
  else if (key === 'OL') typed.value[id] = 'OL'
  else typed.value[id] = (now === 'OL' ? '' : now) + key
  void focus()
}

/** What a meter shows is typed and recorded at once. */
function put(text: string) {
  typed.value[props.facts[open.value]!] = text
  enter()
}

watch([open, () => props.facts.join()], () => emit('open', props.facts[open.value] ?? ''), {
  immediate: true,
})

/** A digit pressed anywhere goes to the open reading. */
function type(key: string) {
  press(key)
}

defineExpose({ type, put })

const short = (id: string) => factOf(id)?.shortTitle ?? id
const unit = (id: string) => factOf(id)?.unit
const takesOl = (id: string | undefined) =>
  ['OHMS', 'MEGOHMS'].includes((id && factOf(id)?.kind) || '')
</script>

<template>
  <form class="entry" @submit.prevent="enter">
    <div class="fields" :class="{ many: facts.length > 1 }">
      <label v-for="(id, index) in facts" :key="id" :class="{ open: index === open }">
        <span>{{ short(id) }}</span>
        <span class="field">
          <input
            :ref="(field) => (inputs[index] = field as HTMLInputElement | null)"
            v-model="typed[id]"
            class="digits"
            type="text"
            :inputmode="thumb ? 'none' : 'decimal'"
            autocomplete="off"
            enterkeyhint="done"
            :name="id"
            :placeholder="standing(id)?.spoken.replace(/ .*$/, '') ?? ''"
            :aria-invalid="fault && index === open ? 'true' : undefined"
            :aria-describedby="fault ? 'entry-fault' : undefined"
            @focus="open = index"
            @input="fault = ''"
          />
          <span class="unit">{{ unit(id) }}</span>
        </span>
      </label>
    </div>
    <p v-if="fault" id="entry-fault" class="notice failed" role="alert">{{ fault }}</p>
    <div v-if="thumb" class="pad">
      <button
        v-for="key in ['1', '2', '3', 'Del', '4', '5', '6', 'OL', '7', '8', '9', '.', '0']"
        :key="key"
        type="button"
        class="digits"
        :class="{ wide: key === '0', small: key === 'Del' }"
        :disabled="key === 'OL' && !takesOl(facts[open])"
        :aria-label="key === 'Del' ? 'Delete' : key"
        @click="press(key)"
      >
        {{ key }}
      </button>
      <button type="submit" class="enter main-button">Record</button>
    </div>
    <div v-else class="actions">
      <button
        v-if="takesOl(facts[open])"
        type="button"
        class="quiet-button digits"
        @click="press('OL')"
      >
        OL
      </button>
      <button type="submit" class="record main-button">Record</button>
      <span class="soft only-wide">or <span class="key">Enter</span></span>
    </div>
  </form>
</template>

<style scoped>
.entry,
.fields {
  display: grid;
  gap: 12px;
}

.many {
  grid-template-columns: repeat(auto-fit, minmax(96px, 1fr));
}

label {
  display: grid;
  gap: 6px;
  font-size: 0.9375rem;
}

.field {
  display: flex;
  align-items: baseline;
  gap: 6px;
  border-bottom: 3px solid var(--rule-strong);
}

.open .field {
  border-color: var(--copper);
}

input {
  width: 100%;
  min-width: 0;
  min-height: 52px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font-size: 1.875rem;
  font-weight: 650;
  outline: 0;
}

input::placeholder {
  color: var(--soft);
  opacity: 1;
  font-weight: 400;
}

.field:focus-within {
  outline: 3px solid var(--copper);
  outline-offset: 3px;
  border-radius: 2px;
}

.unit {
  white-space: nowrap;
  color: var(--soft);
}

.pad {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
}

.pad .wide {
  grid-column: 1 / span 2;
}

.pad .enter {
  grid-column: 3 / span 2;
  height: auto;
  margin: 0;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
}

.pad button:disabled {
  color: var(--rule-strong);
}

.pad button {
  min-height: 46px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--paper);
  font-size: 1.25rem;
}

.actions {
  display: flex;
  align-items: center;
  gap: 10px;
}

.record {
  flex: 1;
  max-width: 220px;
  min-height: 48px;
}

@media (max-width: 719px) {
  .entry,
  .fields {
    gap: 8px;
  }

  label {
    gap: 3px;
  }

  input {
    min-height: 44px;
  }

  .record {
    max-width: none;
  }
}
</style>
