<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { get, Refusal, request } from '../api/client'
import type { Call } from '../api/types'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import OptionGroup from '../shared/OptionGroup.vue'
import TopBar from '../shared/TopBar.vue'

/** A motor with a hidden fault, to be found with the practice meter. */
const router = useRouter()
const family = ref('CONSTANT_TORQUE')
const symptom = ref('NO_RUN')
/** Empty for whatever it is. */
const fault = ref('')
const severity = ref(0.5)
const onACall = ref(true)
/** One of the shop's own ended calls, without its names. */
const ofOurs = ref(false)
const faults = ref<{ id: string; title: string }[]>([])
const said = ref('')
const busy = ref(false)
/** Another wiring at each visit. */
const drawn = 1 + Math.floor(Math.random() * 100_000)

const SEVERITIES = [
  { value: 0.1, label: 'Just noticeable' },
  { value: 0.5, label: 'Plain' },
  { value: 0.9, label: 'Bad' },
]

const MEETINGS = [
  { value: true, label: 'As on a call' },
  { value: false, label: 'Plain, on the bench' },
]

onMounted(() => loadCatalogue().catch(() => (said.value = 'No answer from the server.')))

watch(
  [family, symptom],
  async () => {
    fault.value = ''
    try {
      faults.value = await get(
        `/api/practice/faults?family=${family.value}&symptom=${symptom.value}`,
      )
    } catch {
      faults.value = []
    }
  },
  { immediate: true },
)

const families = computed(() =>
  (catalogue.value?.families ?? []).map((one) => ({ value: one.id as string, label: one.title })),
)
const symptoms = computed(() =>
  (catalogue.value?.symptoms ?? []).map((one) => ({ value: one.id, label: one.title })),
)

function draw(ours: boolean) {
  ofOurs.value = ours
  fault.value = ''
}

async function begin() {
  said.value = ''
  busy.value = true
  try {
    const call = await request<Call>('PUT', `/api/practice/${crypto.randomUUID()}`, {
      family: family.value,
      symptom: symptom.value,
      fault: ofOurs.value ? undefined : fault.value || undefined,
      severity: fault.value && !ofOurs.value ? severity.value : undefined,
      onACall: onACall.value,
      ofOurs: ofOurs.value,
    })
    await router.push(`/calls/${call.id}/prove`)
  } catch (failed) {
    said.value =
      failed instanceof Refusal ? failed.message : 'No answer from the server. Try again.'
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <TopBar title="Practice" />
  <main class="page">
    <form v-if="catalogue" class="card practice" @submit.prevent="begin">
      <p class="lead">
        A motor with a hidden fault stands on the bench. Find it with the practice meter, as you
        would on a call; then see what was needless, what was missed, and what it would have cost.
      </p>
      <OptionGroup v-model="family" title="Which motor?" :options="families" required />
      <OptionGroup v-model="symptom" title="What does it do wrong?" :options="symptoms" required />
      <fieldset class="question">
        <legend>Which fault?</legend>
        <div class="options">
          <button
            type="button"
            class="quiet-button"
            :aria-pressed="!fault && !ofOurs"
            @click="draw(false)"
          >
            Draw one, hidden from me
          </button>
          <button type="button" class="quiet-button" :aria-pressed="ofOurs" @click="draw(true)">
            One of our own calls
          </button>
          <select v-model="fault" aria-label="A fault to hide" @change="ofOurs = false">
            <option value="">or hide one for somebody else</option>
            <option v-for="one in faults" :key="one.id" :value="one.id">
              {{ one.title[0]!.toUpperCase() + one.title.slice(1) }}
            </option>
          </select>
        </div>
      </fieldset>
      <OptionGroup
        v-if="fault"
        v-model="severity"
        title="How bad?"
        :options="SEVERITIES"
        required
      />
      <OptionGroup
        v-if="!ofOurs"
        v-model="onACall"
        title="How is it met?"
        :options="MEETINGS"
        required
      />
      <p class="soft">
        {{
          ofOurs
            ? 'What was read on that call is read again; the rest is as such a fault shows it. Where it was, whose and who is in none of it.'
            : onACall
              ? 'Boards lock out, breakers trip, a plate may be unread, now and then a reading slips, and now and then it is something that nobody listed.'
              : 'The fault alone, and a meter that never slips.'
        }}
      </p>
      <p v-if="said" class="notice failed" role="alert">{{ said }}</p>
      <button type="submit" class="begin main-button" :disabled="busy">To the bench</button>
    </form>
    <section v-if="catalogue" class="card practice wiring" aria-labelledby="senses-practice">
      <h2 id="senses-practice">Eyes and ears</h2>
      <p>
        Lamps to count, wheels and starts to listen to: what you make of them, and what is true.
      </p>
      <router-link class="go" to="/practice/senses">Count and listen</router-link>
    </section>
    <section v-if="catalogue" class="card practice wiring" aria-labelledby="wiring-practice">
      <h2 id="wiring-practice">Wiring</h2>
      <p>
        A conversion with one wire wrong: find it by what the motor does on each call, mend it, and
        see what would have burnt.
      </p>
      <router-link class="go" :to="`/practice/wiring?n=${drawn}`">Find the wrong wire</router-link>
    </section>
    <p v-else class="soft" role="status">{{ said || 'Making the bench ready…' }}</p>
  </main>
</template>

<style scoped>
.practice {
  display: grid;
  gap: 20px;
  max-width: 900px;
  margin: 0 auto;
}

.lead {
  font-size: 1.0625rem;
}

select {
  max-width: 100%;
}

.begin {
  justify-self: start;
  min-height: 52px;
  padding: 0 26px;
}
</style>
