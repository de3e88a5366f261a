<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, Mend, Progress } from './types'
import { callTitle } from './words'

/** What running every call says of the wiring: where it goes wrong, and the change that mends it. */
const props = defineProps<{ progress: Progress; mend: Mend | null; looking: boolean }>()
const emit = defineEmits<{ mend: [mend: Mend] }>()

/** The same thing on several calls is told once, with the calls. */
const findings = computed(() => {
  const all = new Map<string, { finding: Finding; calls: string[] }>()
  const add = (finding: Finding, call?: string) => {
    const known = all.get(finding.sentence) ?? { finding, calls: [] }
    if (call) known.calls.push(callTitle(call))
    all.set(finding.sentence, known)
  }
  for (const run of props.progress.result.calls) {
    // That the table is not met needs no saying where it is said why.
    const why = run.findings.some((one) => one.severity === 'STOP' && one.kind !== 'UNEXPECTED')
    for (const finding of run.findings)
      if (!why || finding.kind !== 'UNEXPECTED') add(finding, run.name)
  }
  for (const finding of props.progress.result.findings) add(finding)
  return [...all.values()].sort(
    (a, b) => Number(b.finding.severity === 'STOP') - Number(a.finding.severity === 'STOP'),
  )
})
const stops = computed(() => findings.value.filter((one) => one.finding.severity === 'STOP'))
const cautions = computed(() => findings.value.filter((one) => one.finding.severity !== 'STOP'))
const left = computed(() => props.progress.toMake.filter((one) => !one.there).length)
</script>

<template>
  <section class="status" :class="{ stop: stops.length }" aria-live="polite" aria-label="The run">
    <template v-if="stops.length">
      <h2><span aria-hidden="true">✕</span> Stop: not to be powered so</h2>
      <ul class="plain">
        <li v-for="{ finding, calls } in stops.slice(0, 2)" :key="finding.sentence">
          <p>{{ finding.sentence }}</p>
          <p class="soft small">
            <span v-if="calls.length">{{ calls.join(', ') }}. </span>
            <span class="digits">{{ finding.at.join('  ') }}</span>
          </p>
        </li>
      </ul>
      <p v-if="stops.length > 2" class="soft small">And {{ stops.length - 2 }} more.</p>
      <div v-if="mend && !mend.off && !mend.on" class="mend">
        <p><strong>Where to look:</strong> {{ mend.sentence }}</p>
      </div>
      <div v-else-if="mend" class="mend">
        <p><strong>Mend:</strong> {{ mend.sentence }}</p>
        <button type="button" class="quiet-button" @click="emit('mend', mend)">
          It is done: change it here
        </button>
      </div>
      <p v-else-if="looking" class="soft" role="status">Looking for the wire that mends it…</p>
      <p v-else-if="progress.strange.length" class="soft">
        One wire alone does not mend it. Not as planned:
        <span class="digits">{{
          progress.strange.map((wire) => wire.join(' – ')).join(', ')
        }}</span>.
      </p>
    </template>
    <h2 v-else-if="left">
      <span aria-hidden="true">✓</span> Nothing wrong so far. {{ left }}
      {{ left === 1 ? 'wire' : 'wires' }} left to make.
    </h2>
    <h2 v-else><span aria-hidden="true">✓</span> Runs as it must on every call.</h2>
    <div v-if="!stops.length && (mend?.off || mend?.on)" class="mend odd">
      <p>
        Not as planned, though no call shows it:
        <span class="digits">{{ mend.off?.join(' – ') }}</span>. {{ mend.sentence }}
      </p>
      <button type="button" class="quiet-button" @click="emit('mend', mend)">
        It is done: change it here
      </button>
    </div>
    <p v-for="{ finding } in cautions" :key="finding.sentence" class="soft">
      Mind: {{ finding.sentence }}
    </p>
  </section>
</template>

<style scoped>
.status {
  padding: 12px 14px;
  border-left: 6px solid var(--good);
  background: var(--card);
}

.status h2 span {
  color: var(--good);
}

.status.stop {
  border-color: var(--failed);
  background: var(--failed-soft);
}

.status.stop h2,
.status.stop h2 span {
  color: var(--failed);
}

li {
  margin-top: 8px;
}

.mend {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-top: 12px;
  padding-top: 10px;
  border-top: 1px solid var(--failed);
}

.mend.odd {
  border-color: var(--suspect);
}

/* Under the thumb, wherever the terminal is. */
@media (max-width: 719px) {
  .status {
    position: sticky;
    z-index: 6;
    top: 0;
    max-height: 46vh;
    overflow-y: auto;
    box-shadow: var(--shadow);
  }
}
</style>
