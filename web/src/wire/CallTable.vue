<script setup lang="ts">
import { computed } from 'vue'
import type { BeforeAfter, Result } from './types'
import { callTitle, motorTitle } from './words'

/** What the fan did on each call, and what it does: call by call, and what it means. */
const props = defineProps<{ result: Result; beforeAfter?: BeforeAfter }>()

const SIGNS = { SAME: '✓', ONE_SPEED: '≈', LOST: '✕', ADDED: '✕', WRONG: '✕' } as const
const rows = computed(() =>
  props.result.calls.map((run) => {
    const both = props.beforeAfter?.rows.find((one) => one.call === run.name)
    const stop = run.findings.find((one) => one.severity === 'STOP')
    return {
      name: run.name,
      before: both?.before,
      after: motorTitle(run.motor),
      relays: run.relays,
      coilVa: run.coilVa,
      sign: both ? SIGNS[both.verdict] : stop ? '✕' : '✓',
      bad: both ? ['LOST', 'ADDED', 'WRONG'].includes(both.verdict) : !!stop,
      sentence: both?.sentence || stop?.sentence || '',
    }
  }),
)
</script>

<template>
  <div class="calls">
    <table>
      <thead>
        <tr>
          <th>Call</th>
          <th v-if="beforeAfter">Before</th>
          <th>{{ beforeAfter ? 'After' : 'Motor' }}</th>
          <th class="only-wide">Pulled</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="row in rows" :key="row.name">
          <tr :class="{ bad: row.bad }">
            <th scope="row">
              <span aria-hidden="true">{{ row.sign }}</span> {{ callTitle(row.name) }}
            </th>
            <td v-if="beforeAfter">{{ row.before }}</td>
            <td>
              <strong>{{ row.after }}</strong>
            </td>
            <td class="digits only-wide">
              {{ row.relays.join(' ') || '–'
              }}<template v-if="row.coilVa">, {{ row.coilVa }}</template>
            </td>
          </tr>
          <tr v-if="row.sentence" class="says" :class="{ bad: row.bad }">
            <td :colspan="4">{{ row.sentence }}</td>
          </tr>
        </template>
      </tbody>
    </table>
    <template v-if="beforeAfter?.lost.length">
      <h3>Lost with a fixed speed: say it to the customer</h3>
      <ul>
        <li v-for="one in beforeAfter.lost" :key="one">{{ one }}</li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 7px 8px 7px 0;
  border-top: 1px solid var(--rule);
  text-align: left;
  vertical-align: top;
}

thead th {
  border: 0;
  font-size: 0.875rem;
  color: var(--soft);
}

.says td {
  padding-top: 0;
  border-top: 0;
  color: var(--soft);
  font-size: 0.9375rem;
}

.bad th,
.bad td {
  color: var(--failed);
}

h3 {
  margin-top: 14px;
  font-size: 1rem;
}

ul {
  margin: 4px 0 0;
  padding-left: 20px;
}
</style>
