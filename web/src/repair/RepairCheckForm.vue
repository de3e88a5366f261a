<script setup lang="ts">
import { computed, reactive } from 'vue'
import { catalogue } from '../catalogue/catalogue'
import OptionGroup from '../shared/OptionGroup.vue'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { type ProofDoc, type RepairCheck, valuesOf, withReadings } from './repair'

/** One thing that the repair must show: what is to be read, and what it leads to. */
const props = defineProps<{ check: RepairCheck; doc: ProofDoc; faults: Record<string, string> }>()
const emit = defineEmits<{ read: [doc: ProofDoc] }>()

const asked = computed(() =>
  props.check.asks.flatMap(
    (id) => catalogue.value?.repairReadings.filter((one) => one.id === id) ?? [],
  ),
)
const typed = reactive<Record<string, string>>(
  Object.fromEntries(
    Object.entries(valuesOf(props.doc, props.check.asks)).map(([id, value]) => [id, String(value)]),
  ),
)
const choices = (words: { id: string; title: string }[]) =>
  words.map(({ id, title }) => ({ value: id, label: title }))

const numbers = computed(() => asked.value.filter((one) => !one.words))
const words = computed(() => asked.value.filter((one) => one.words?.length))
const texts = computed(() => asked.value.filter((one) => one.words?.length === 0))

/** What is typed, or was just said; nothing takes a reading away, an empty code says that there is none. */
function keep(said: Record<string, string | undefined> = {}) {
  const values: Record<string, number | string | undefined> = {}
  for (const { id, words: allowed } of asked.value) {
    const text = id in said ? said[id] : typed[id]?.trim() || undefined
    values[id] = allowed || text === undefined ? text : (readNumber(text) ?? text)
  }
  emit('read', withReadings(props.doc, values))
}

/** A word is kept at once where it is all that is asked. */
function say(id: string, value: string | undefined) {
  typed[id] = value ?? ''
  if (asked.value.length === 1) keep({ [id]: value })
}
</script>

<template>
  <form class="now stack fresh" :aria-label="check.title" @submit.prevent="keep()">
    <h3>{{ check.title }}</h3>
    <p>{{ check.sentence }}</p>
    <ul v-if="check.leadsTo.length" class="leads">
      <li v-for="one in check.leadsTo" :key="one">{{ one }}</li>
    </ul>
    <OptionGroup
      v-for="one in words"
      :key="one.id"
      :model-value="typed[one.id] || undefined"
      :title="one.title"
      :options="choices(one.words!)"
      @update:model-value="(value?: string) => say(one.id, value)"
    />
    <template v-for="one in texts" :key="one.id">
      <label class="named">
        {{ one.title }}
        <el-input v-model="typed[one.id]" :name="one.id" maxlength="60" autocomplete="off" />
        <span v-if="faults[one.id]" class="fault" role="alert">{{ faults[one.id] }}</span>
      </label>
      <button type="button" class="quiet-button" @click="keep({ [one.id]: '' })">
        No code, after some minutes
      </button>
    </template>
    <div v-if="numbers.length" class="figures">
      <FigureInput
        v-for="one in numbers"
        :key="one.id"
        :model-value="typed[one.id] ?? ''"
        :name="one.id"
        :title="one.title"
        :unit="one.unit"
        :fault="faults[one.id]"
        @update:model-value="(value: string) => (typed[one.id] = value)"
      />
    </div>
    <button
      v-if="numbers.length || texts.length || words.length > 1"
      type="submit"
      class="main-button"
    >
      Record
    </button>
  </form>
</template>

<style scoped>
.now {
  padding: 12px 14px;
  border: 2px solid var(--copper);
  border-radius: 6px;
}

.leads {
  margin: 0;
  padding-left: 20px;
}

.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
