<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Suspect } from '../api/types'
import { useCall } from '../call/call'
import { familyOf, stationTitle, suspectTitle } from '../catalogue/catalogue'
import OptionGroup from '../shared/OptionGroup.vue'
import { day } from '../shared/time'

/** What the call turned out to be, against what had been said: that is what a shop learns from. */
const { call, ended } = useCall()

type Was = 'YES' | 'NO' | 'UNKNOWN'

const family = computed(() => call.value.particulars.motor.family)
const titled = (one: Suspect) => stationTitle(family.value, one)
const listed = (these: readonly Suspect[]) => these.map(titled).join(', then ')

const outcome = computed(() => call.value.outcome)
const said = computed(() => {
  const { state, suspects } = call.value.diagnosis.verdict
  return state === 'OPEN' ? [] : suspects
})
/** What it was shows itself once something was done about it: before, it is asked of nobody. */
const isTime = computed(() => !!outcome.value || call.value.decisions.length > 0)

const changing = ref(false)
const was = ref<Was>()
const found = ref<Suspect[]>([])
const note = ref('')
const fault = ref('')

const MOST = 3
const ANSWERS = computed(() => [
  ...(said.value.length ? [{ value: 'YES' as const, label: 'Yes' }] : []),
  { value: 'NO' as const, label: said.value.length ? 'No, it was …' : 'It was …' },
  { value: 'UNKNOWN' as const, label: 'Not known' },
])
const things = computed(() => {
  const stations = (familyOf(family.value)?.stations ?? []).map((one) => one.id as Suspect)
  return [...stations, 'NONE' as const, 'OTHER' as const].map((value) => ({
    value: value as Suspect,
    label: value === 'NONE' || value === 'OTHER' ? suspectTitle(value) : titled(value),
  }))
})

/** In the order of tapping, the first cause first; nothing wrong stands alone. */
function mark(one: Suspect) {
  const others = found.value.filter((it) => it !== one && it !== 'NONE')
  if (found.value.includes(one)) found.value = found.value.filter((it) => it !== one)
  else found.value = one === 'NONE' ? [one] : [...others, one].slice(-MOST)
}

function begin() {
  changing.value = true
  was.value = undefined
  found.value = []
  note.value = outcome.value?.note ?? ''
}

function keep() {
  fault.value = !was.value
    ? 'Tap an answer first.'
    : was.value === 'NO' && !found.value.length
      ? 'Tap what it was.'
      : ''
  if (fault.value) return
  void ended({
    was: was.value!,
    found: was.value === 'NO' ? found.value : undefined,
    note: note.value.trim() || undefined,
  })
  changing.value = false
}
</script>

<template>
  <section class="card" aria-labelledby="was-it-that">
    <h2 id="was-it-that">Was it that?</h2>
    <template v-if="!isTime && !changing">
      <p class="soft">
        Asked once a way is chosen and gone: the shop learns from what calls turned out to be.
      </p>
      <p>
        <button type="button" class="link-button" @click="begin">
          It ended without: say what it was
        </button>
      </p>
    </template>
    <template v-else-if="outcome && !changing">
      <p role="status">
        <strong>{{
          outcome.was === 'UNKNOWN'
            ? 'Not known.'
            : outcome.was === 'YES'
              ? `Yes: ${listed(outcome.found)}.`
              : `It was ${listed(outcome.found)}.`
        }}</strong>
        <template v-if="outcome.was === 'NO' && outcome.said.length">
          What had been said: {{ listed(outcome.said) }}.
        </template>
        <template v-if="outcome.note"> “{{ outcome.note }}”</template>
        <br /><span class="soft">{{ outcome.author }}, {{ day(outcome.at) }}</span>
      </p>
      <p><button type="button" class="quiet-button" @click="begin">Say it otherwise</button></p>
    </template>
    <form v-else class="stack" @submit.prevent="keep">
      <p v-if="said.length">
        What was said here: <strong>{{ listed(said) }}</strong>. Did the open part, or the machine
        after the repair, bear it out?
      </p>
      <p v-else>No link was named here. What did it turn out to be?</p>
      <OptionGroup
        v-model="was"
        :title="
          said.length
            ? 'Did the opened part, or the machine after the repair, bear it out?'
            : 'It was'
        "
        :options="ANSWERS"
        required
      />
      <OptionGroup
        v-if="was === 'NO'"
        title="It was; the first cause first"
        :options="things"
        :several="found"
        @mark="mark"
      />
      <p v-if="was === 'NO' && found.length > 1" class="soft">{{ listed(found) }}</p>
      <label class="named">
        <span>What showed it <span class="soft">if it helps the next one</span></span>
        <el-input v-model="note" name="outcome-note" maxlength="1000" autocomplete="off" />
      </label>
      <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
      <p class="row">
        <button type="submit" class="main-button">Keep it</button>
        <button v-if="changing" type="button" class="link-button" @click="changing = false">
          Close
        </button>
      </p>
      <p class="soft small">
        Only what was seen: an old part opened, a repair that holds. “Not known” spoils no count.
      </p>
    </form>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 14px;
  align-content: start;
}
</style>
