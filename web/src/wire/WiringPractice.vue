<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask } from '../core/core'
import { inWords } from '../shared/newest'
import TopBar from '../shared/TopBar.vue'
import { openWork } from './work'
import CallTable from './CallTable.vue'
import RunStatus from './RunStatus.vue'
import TerminalBoard from './TerminalBoard.vue'
import type { AsWired, Exercise } from './types'
import { callTitle, motorTitle, patternTitle } from './words'
import WiringDrawing from './WiringDrawing.vue'

/** One mistake is hidden in a wiring: find it by what the motor does, mend it, look back. */
const route = useRoute()
const router = useRouter()

const exercise = shallowRef<Exercise | null>(null)
const fault = ref('')
/** What the run says is only told once it was asked for. */
const judged = ref(false)
const tries = ref(0)
const shown = ref(false)
const work = openWork(() => (judged.value = false), { searches: false })
const { made, progress } = work

const number = computed(() => Number(route.query.n) || 1)

async function draw() {
  judged.value = false
  shown.value = false
  tries.value = 0
  try {
    const one = await ask('exercise', { seed: number.value })
    exercise.value = one
    const wrong: AsWired = {
      format: 'variable-rotor-as-wired',
      version: 1,
      wiring: one.wrong,
      marks: [],
      ticks: [],
    }
    work.show(wrong)
  } catch (failed) {
    fault.value = inWords(failed)
  }
}
void draw()

/** What is seen without knowing why: what the motor does on each call, and what it should do. */
const seen = computed(() =>
  (progress.value?.result.calls ?? []).map((run) => ({
    name: run.name,
    does: motorTitle(run.motor),
    must: motorTitle(
      exercise.value?.wrong.expect?.find((one) => one.call === run.name)?.motor ?? '',
    ),
  })),
)
const solved = computed(() => judged.value && progress.value?.result.ok === true)

function judge() {
  judged.value = true
  tries.value++
}

async function another() {
  await router.replace({ query: { n: number.value + 1 } })
  await draw()
}
</script>

<template>
  <TopBar title="Wiring practice" :detail="`Number ${number}`" />
  <main class="page practice">
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <template v-if="exercise && made && progress">
      <header class="row head">
        <h1>{{ patternTitle(exercise.plan.pattern) }}: one wire is wrong</h1>
        <button type="button" class="quiet-button" @click="judge">Power it: is it right?</button>
        <button
          type="button"
          class="quiet-button"
          :disabled="!work.canUndo.value"
          @click="work.undo"
        >
          Take back
        </button>
        <button v-if="!solved" type="button" class="link-button" @click="shown = true">
          Show me
        </button>
        <button type="button" class="link-button" @click="another">Another one</button>
      </header>
      <p v-if="!judged" class="soft">
        Look at what the motor does, follow the wires, and change the one that is wrong. What would
        burn is told only when you power it; here nothing does.
      </p>
      <template v-if="judged">
        <RunStatus :progress="{ ...progress, strange: [] }" :mend="null" :looking="false" />
        <p v-if="solved" role="status">
          <strong>{{ tries === 1 ? 'At the first try.' : `At try ${tries}.` }}</strong>
        </p>
      </template>
      <section v-if="solved || shown" class="card stack" aria-labelledby="look-back">
        <h2 id="look-back">Look back</h2>
        <p>
          <template v-if="exercise.off">
            Planned: <strong class="digits">{{ exercise.off.join(' – ') }}</strong>.
          </template>
          <template v-if="exercise.on">
            Made: <strong class="digits">{{ exercise.on.join(' – ') }}</strong>.
          </template>
          <template v-else> It was missing. </template>
        </p>
        <ul>
          <li v-for="one in exercise.findings.slice(0, 4)" :key="one.sentence">
            {{ one.sentence }}
          </li>
        </ul>
      </section>
      <div class="card">
        <h2>What is seen</h2>
        <table>
          <thead>
            <tr>
              <th>Call</th>
              <th>Must</th>
              <th>Does</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in seen" :key="row.name" :class="{ off: row.must !== row.does }">
              <th scope="row">{{ callTitle(row.name) }}</th>
              <td>{{ row.must }}</td>
              <td>
                <strong>{{ row.does }}</strong>
                <span v-if="row.must !== row.does" aria-label="differs"> ≠</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <div class="beside even">
        <div class="card stack">
          <TerminalBoard
            :parts="progress.parts"
            :wires="made.wiring.wires"
            :bad="[]"
            fixed
            @wire="(wire) => work.edit({ wire })"
            @off="(off) => work.edit({ off })"
          />
        </div>
        <div class="stack">
          <div class="card">
            <WiringDrawing
              :wiring="made.wiring"
              :calls="judged ? progress.result.calls : undefined"
            />
          </div>
          <div v-if="judged" class="card"><CallTable :result="progress.result" /></div>
        </div>
      </div>
    </template>
    <p v-else-if="!fault" class="soft" role="status">Drawing a wiring…</p>
  </main>
</template>

<style scoped>
.practice {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 6px 8px 6px 0;
  border-top: 1px solid var(--rule);
  text-align: left;
}

thead th {
  border: 0;
  color: var(--soft);
  font-size: 0.875rem;
}

.off td {
  color: var(--failed);
}

ul {
  margin: 0;
  padding-left: 20px;
}
</style>
