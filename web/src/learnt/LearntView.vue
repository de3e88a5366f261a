<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get, Refusal, request } from '../api/client'
import type { CallKind, Hindsight, Learnt, Recurring, Suspect } from '../api/types'
import {
  checksOf,
  familyTitle,
  loadCatalogue,
  stationTitle,
  symptomTitle,
} from '../catalogue/catalogue'
import { session } from '../session/session'
import FigureInput from '../shared/FigureInput.vue'
import { counted, readNumber } from '../shared/number'
import { day } from '../shared/time'
import TopBar from '../shared/TopBar.vue'

/** What the shop's own ended calls were, beside what is judged; whether they move it, a lead says. */
const learnt = ref<Learnt | null>(null)
const again = ref<Hindsight | null>(null)
const recurring = ref<Recurring[]>([])
const strength = ref('')
const fault = ref('')
const strengthFault = ref('')
const looking = ref(false)
const isLead = computed(() => session.account?.role === 'LEAD')

function show(loaded: Learnt) {
  learnt.value = loaded
  strength.value = String(loaded.strength)
}

async function attempt(action: () => Promise<void>) {
  fault.value = ''
  strengthFault.value = ''
  try {
    await action()
  } catch (failed) {
    const told = failed instanceof Refusal ? failed.of('strength') : ''
    if (told) strengthFault.value = told
    else fault.value = failed instanceof Error ? failed.message : String(failed)
  }
}

onMounted(() =>
  attempt(async () => {
    await loadCatalogue()
    show(await get<Learnt>('/api/learnt'))
    recurring.value = await get<Recurring[]>('/api/learnt/recurring')
  }),
)

const set = (own: boolean) =>
  attempt(async () => {
    const base = learnt.value?.edition ? `?base=${learnt.value.edition}` : ''
    // What is no number is sent as it is typed, so that it is refused by its name.
    const calls = readNumber(strength.value) ?? strength.value
    show(
      await request<Learnt>('PUT', `/api/learnt/${crypto.randomUUID()}${base}`, {
        own,
        strength: calls,
      }),
    )
  })

const look = () =>
  attempt(async () => {
    looking.value = true
    try {
      again.value = await get<Hindsight>('/api/learnt/hindsight')
    } finally {
      looking.value = false
    }
  })

const FEW = 5
const all = ref<Record<string, boolean>>({})
const key = (kind: CallKind) => `${kind.family} ${kind.symptom}`
/** What was counted, and the likeliest; the rest on demand. */
const shown = (kind: CallKind) =>
  all.value[key(kind)]
    ? kind.things
    : kind.things.filter((one, at) => one.calls > 0 || at < FEW).slice(0, FEW + 3)
const titled = (kind: CallKind, suspects: readonly Suspect[]) =>
  suspects.map((one) => stationTitle(kind.family, one)).join(', then ')
const percent = (share: number) => (share < 1 ? '< 1' : String(Math.round(share)))
const MOST_TOOK = 12
const minutes = (took: number) => took.toFixed(1)
const asked = (family: string, check: string) =>
  checksOf([family])
    .find((one) => one.id === check)
    ?.ask.replace(/\.$/, '') ?? check
const mean = (readings: number, calls: number) => (readings / calls).toFixed(1)
</script>

<template>
  <TopBar title="What was learnt" />
  <main class="page learnt">
    <p class="soft">
      What the shop’s own ended calls turned out to be, beside what common practice judges. Each
      call counts once, as it was said last at Hand over; practice and calls out of a file do not.
    </p>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <template v-if="learnt">
      <section class="card stack" aria-labelledby="own">
        <h2 id="own">
          {{
            learnt.own ? 'The shop’s counts move what is likely' : 'The judged shares stand alone'
          }}
        </h2>
        <p>
          Counts move the order of suspects and of checks. <strong>They prove nothing</strong>: a
          proof rests on readings and on the judged shares, whatever was counted.
        </p>
        <p v-if="learnt.setBy" class="soft">
          Set by {{ learnt.setBy }}, {{ day(learnt.setAt!) }}. The judged shares are worth
          {{ learnt.strength }} calls.
        </p>
        <div v-if="isLead" class="row set">
          <FigureInput
            v-model="strength"
            name="strength"
            title="The judged shares are worth"
            unit="calls"
            :fault="strengthFault"
          />
          <button type="button" class="quiet-button" @click="set(true)">
            {{ learnt.own ? 'Take this strength' : 'Let our counts move them' }}
          </button>
          <button v-if="learnt.own" type="button" class="quiet-button" @click="set(false)">
            Back to the judged shares
          </button>
        </div>
        <p v-if="isLead" class="soft small">
          Usual: {{ learnt.usualStrength }}. The fewer, the sooner a handful of calls turns the
          order.
        </p>
        <p v-if="!isLead" class="soft">Only a lead lets the counts in, or takes them out again.</p>
      </section>
      <section v-if="isLead" class="card stack" aria-labelledby="sooner">
        <h2 id="sooner">Would we have been right sooner?</h2>
        <p>
          <button type="button" class="quiet-button" :disabled="looking" @click="look">
            {{ looking ? 'Going through the calls…' : 'Go through our last calls again' }}
          </button>
        </p>
        <p v-if="again && !again.calls" class="soft">No ended call is counted yet.</p>
        <table v-else-if="again" class="again">
          <caption class="soft">
            {{
              counted(again.calls, 'call')
            }}, each by the counts of the others alone
          </caption>
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">What</span></th>
              <th scope="col">As judged</th>
              <th scope="col">With our counts</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">Right by the complaint alone, and ever after</th>
              <td class="digits">{{ again.judged.atOnce }}</td>
              <td class="digits">{{ again.learnt.atOnce }}</td>
            </tr>
            <tr>
              <th scope="row">Readings until the right link led for good, on average</th>
              <td class="digits">{{ mean(again.judged.readings, again.calls) }}</td>
              <td class="digits">{{ mean(again.learnt.readings, again.calls) }}</td>
            </tr>
            <tr>
              <th scope="row">Not led at the end either</th>
              <td class="digits">{{ again.judged.never }}</td>
              <td class="digits">{{ again.learnt.never }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <p v-if="!learnt.kinds.length" class="card">
        Nothing is counted yet. At Hand over of a call, “Was it that?” asks what it turned out to
        be.
      </p>
      <section v-for="kind in learnt.kinds" :key="key(kind)" class="card stack">
        <h2>{{ familyTitle(kind.family) }}: {{ symptomTitle(kind.symptom).toLowerCase() }}</h2>
        <p class="soft">{{ counted(kind.calls, 'call') }}</p>
        <table>
          <thead>
            <tr>
              <th scope="col">It was</th>
              <th scope="col">Judged</th>
              <th scope="col">Counted</th>
              <th scope="col">With both</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in shown(kind)" :key="one.suspects.join()">
              <th scope="row">{{ titled(kind, one.suspects) }}</th>
              <td class="digits">{{ percent(one.judged) }} %</td>
              <td class="digits">{{ one.calls || '' }}</td>
              <td class="digits">
                <span class="bar" aria-hidden="true"
                  ><span :style="{ width: `${one.learnt}%` }"></span
                  ><i :style="{ left: `${one.judged}%` }"></i
                ></span>
                {{ percent(one.learnt) }} %
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="shown(kind).length < kind.things.length">
          <button type="button" class="link-button" @click="all[key(kind)] = true">
            All {{ kind.things.length }}
          </button>
        </p>
      </section>
      <section v-if="learnt.took.length" class="card stack">
        <h2>What checks take here</h2>
        <p class="soft">
          Minutes from one kept reading to the next of the same person, ways and breaks left out, on
          ended calls. Where the counts are let in, these move the planned minutes likewise.
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col">Check</th>
              <th scope="col">Planned</th>
              <th scope="col">Took</th>
              <th scope="col">Times</th>
              <th scope="col">With both</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in learnt.took.slice(0, MOST_TOOK)" :key="`${one.family} ${one.check}`">
              <th scope="row">
                {{ asked(one.family, one.check) }}
                <span class="soft small">{{ familyTitle(one.family) }}</span>
              </th>
              <td class="digits">{{ minutes(one.planned) }}</td>
              <td class="digits">{{ minutes(one.took) }}</td>
              <td class="digits">{{ one.times }}</td>
              <td class="digits">{{ minutes(one.learnt) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section v-if="recurring.length" class="card stack">
        <h2>What keeps failing</h2>
        <ul class="plain">
          <li v-for="one in recurring" :key="`${one.kind} ${one.name}`">
            <strong>{{ one.name }}</strong>{{
              one.kind === 'MOTOR'
                ? `: chosen on ${counted(one.calls, 'call')}; later at those units it was the motor`
                : `: its codes were met on ${counted(one.calls, 'call')}; it was the call or the board`
            }}
            {{ one.failed.length }} ×:
            <router-link
              v-for="(call, at) in one.failed"
              :key="call"
              class="each"
              :to="`/calls/${call}/hand-over`"
              >{{ at + 1 }}</router-link
            >
          </li>
        </ul>
        <p class="soft small">
          A motor by the number under which it was chosen, a board by the code book of its line.
          What was fitted elsewhere and what nobody said the end of is in none of it.
        </p>
      </section>
      <p v-if="learnt.kinds.length" class="row">
        <a href="/api/learnt/counts" download>The counts as CSV</a>
        <span class="soft">for a sheet, or for <code>./rotor odds</code></span>
      </p>
    </template>
    <p v-else-if="!fault" class="soft" role="status">Loading…</p>
  </main>
</template>

<style scoped>
.learnt {
  display: grid;
  gap: 16px;
}

.set {
  align-items: end;
  gap: 10px 14px;
}

table {
  width: 100%;
  max-width: 760px;
  border-collapse: collapse;
}

caption {
  padding-bottom: 6px;
  text-align: left;
}

th,
td {
  padding: 7px 8px 7px 0;
  border-bottom: 1px dotted var(--rule-strong);
  text-align: left;
  vertical-align: baseline;
}

tbody th {
  font-weight: 500;
}

thead th {
  color: var(--soft);
  font-weight: 600;
}

td {
  white-space: nowrap;
}

.each + .each::before {
  content: ', ';
}

.bar {
  position: relative;
  display: inline-block;
  width: 110px;
  height: 12px;
  margin-right: 6px;
  border-bottom: 1px solid var(--rule-strong);
}

.bar span {
  position: absolute;
  inset: 2px auto 0 0;
  max-width: 100%;
  background: var(--copper);
}

/** Where it was judged to be. */
.bar i {
  position: absolute;
  top: -1px;
  bottom: -3px;
  width: 2px;
  background: var(--ink);
}

@media (width < 560px) {
  .bar {
    display: none;
  }
}
</style>
