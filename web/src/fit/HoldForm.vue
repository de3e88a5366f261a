<script setup lang="ts">
import { computed, ref } from 'vue'
import { catalogue } from '../catalogue/catalogue'
import OptionGroup from '../shared/OptionGroup.vue'
import type { Hold } from './fit'

/** Why the job does not go on now: what is next, what is owed, and when. */
const props = defineProps<{
  hold?: Hold
  faults: { path: string; message: string }[]
}>()
const emit = defineEmits<{ hold: [hold: Hold | undefined] }>()

const reasons = computed(() =>
  (catalogue.value?.holds ?? []).filter((one) => one.id !== 'NEW_SEARCH'),
)
const reason = ref(props.hold?.reason)
const until = ref(props.hold?.until ?? '')
const note = ref(props.hold?.note ?? '')
const bring = ref(props.hold?.bring ?? '')
const left = ref<string[]>(props.hold?.left ?? [])
const chosen = computed(() => catalogue.value?.holds.find((one) => one.id === reason.value))
const faultOf = (field: string) => props.faults.find((one) => one.path === `hold.${field}`)?.message

function mark(id: string) {
  left.value = left.value.includes(id)
    ? left.value.filter((one) => one !== id)
    : [...left.value, id]
}

function keep() {
  if (!reason.value) return
  emit('hold', {
    reason: reason.value,
    ...(until.value ? { until: until.value } : {}),
    note: note.value.trim(),
    bring: bring.value.trim(),
    left: left.value,
  })
}
</script>

<template>
  <form class="stack" aria-label="It does not go on now" @submit.prevent="keep">
    <OptionGroup
      v-model="reason"
      title="Why"
      :options="reasons.map(({ id, title }) => ({ value: id as string, label: title }))"
      required
    />
    <template v-if="chosen">
      <p class="soft">{{ chosen.next }}</p>
      <label class="named day">
        {{ chosen.needsDay ? 'Until, at the latest' : 'Goes on, or is due, on' }}
        <input v-model="until" type="date" name="until" :required="chosen.needsDay" />
        <span v-if="faultOf('until')" class="fault" role="alert">{{ faultOf('until') }}</span>
      </label>
      <label class="named">
        What, in a word
        <el-input v-model="note" name="note" maxlength="200" autocomplete="off" />
      </label>
      <label class="named">
        To bring then
        <el-input v-model="bring" name="bring" maxlength="200" autocomplete="off" />
      </label>
      <OptionGroup
        title="Left to do besides"
        :options="(catalogue?.leftToDo ?? []).map(({ id, title }) => ({ value: id, label: title }))"
        :several="left"
        @mark="mark"
      />
      <button class="go">Keep it so</button>
    </template>
  </form>
</template>

<style scoped>
.day {
  justify-items: start;
}

input[type='date'] {
  min-height: var(--target);
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
}

.go {
  border: 0;
  cursor: pointer;
}
</style>
