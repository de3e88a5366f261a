<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import type { FitDoc } from './fit'

/** The customer has the unit back; what is not proved by then is said. */
const { call, waiting, fitted } = useCall()

const doc = computed(
  () =>
    (waiting.value.findLast((save) => save.path.includes('/fits/'))?.body ??
      call.value.fit!.fit) as FitDoc,
)
const proved = computed(() => call.value.repair?.state === 'PASSED')
</script>

<template>
  <section class="card stack" aria-labelledby="handed">
    <h2 id="handed">Handed over</h2>
    <p v-if="!proved" class="notice" role="status">
      The repair is not proved: {{ call.repair?.headline }}
      <router-link class="says" :to="`/calls/${call.id}/fit`">To the proof</router-link>
    </p>
    <p v-if="!call.fit!.done" class="notice" role="status">By hand: {{ call.fit!.headline }}</p>
    <label class="tick">
      <input
        type="checkbox"
        name="handedOver"
        :checked="doc.handedOver"
        @change="fitted({ ...doc, handedOver: !doc.handedOver })"
      />
      <span>The customer has it back, with its papers</span>
    </label>
  </section>
</template>
