<script setup lang="ts">
import { shallowRef } from 'vue'
import type { UnitLabel } from '../api/types'
import { useCall } from '../call/call'
import PaperLink from '../shared/PaperLink.vue'
import { useNewest } from '../shared/newest'

/** What stays at the unit: on this screen, and as a paper to stick on. */
const { call, label } = useCall()

/** With its code, as the path of an SVG of so many modules a side. */
const shown = shallowRef<{ label: UnitLabel; code: { side: number; path: string } } | null>(null)
const { ask, fault, asking } = useNewest()

/** Light modules around a code (ISO/IEC 18004, from memory: four). */
const QUIET = 4

async function made() {
  const said = await label()
  // Large, and wanted only here.
  const { encodeQR } = await import('qr')
  const rows = encodeQR(said.code, 'raw', { border: QUIET, ecc: 'low' })
  const path = rows
    .flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : '')))
    .join('')
  return { label: said, code: { side: rows.length, path } }
}

const show = () => (shown.value ? (shown.value = null) : ask(made, (said) => (shown.value = said)))
</script>

<template>
  <section class="card" aria-labelledby="label">
    <h2 id="label">Label for the unit</h2>
    <template v-if="call.label">
      <p>What was fitted, how it is set, what is switched off and why, with a code to scan.</p>
      <p>
        <button type="button" class="quiet-button" :disabled="asking" @click="show">
          {{ shown ? 'Put it away' : 'Show it here' }}
        </button>
      </p>
      <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
      <div v-if="shown" class="label" role="status">
        <strong>{{ [shown.label.place, shown.label.unit].filter(Boolean).join(', ') }}</strong>
        <p v-for="line in shown.label.lines" :key="line.title">
          <b>{{ line.title }}:</b> {{ line.said }}
        </p>
        <svg
          :viewBox="`0 0 ${shown.code.side} ${shown.code.side}`"
          shape-rendering="crispEdges"
          role="img"
          aria-label="The same as a code to scan"
        >
          <path :d="shown.code.path" />
        </svg>
      </div>
      <PaperLink class="go" :href="`/api/calls/${call.id}/label`" :call="call.id"
        >Open the label (PDF, 4 × 3 in)</PaperLink
      >
    </template>
    <p v-else class="soft">It says what was fitted: there is one once the steps at Fit are done.</p>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 14px;
  align-content: start;
}

.label {
  display: grid;
  gap: 6px;
  padding: 14px;
  border: 1px solid #cfc9bb;
  border-radius: 4px;
  background: #fff;
  color: #1b232b;
}

.label p {
  margin: 0;
}

.label svg {
  width: min(100%, 260px);
  justify-self: end;
}
</style>
