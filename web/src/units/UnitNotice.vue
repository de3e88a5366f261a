<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { UnitHistory } from '../api/types'
import { useCall } from '../call/call'
import { getKept } from '../keep/answers'

/** What earlier calls say to this one: that it is a comeback, what the winding read when it was sound. */
defineProps<{
  /** Nothing but the figure that the winding is held against. */
  knownOnly?: boolean
}>()

const { call, standing, record, checks, repairBefore } = useCall()
const history = ref<UnitHistory | null>(null)

onMounted(async () => {
  try {
    const unit = await getKept<UnitHistory>(`/api/calls/${call.value.id}/unit`)
    // Of a call that is not the newest, the newer ones would say what nobody knew then.
    if (unit.visits[0]?.call === call.value.id && unit.visits.length > 1) history.value = unit
  } catch {
    // Without an answer nothing is offered, and nothing is lost.
  }
})

const known = computed(() => {
  const hasWindings = checks.value.some((one) => one.id === 'winding.pairs')
  return hasWindings && !standing('winding.reference', 'BEFORE') ? history.value?.known : undefined
})
/** What was said of the last repair just now; it stands with that call. */
const kept = ref('')
function say(was: 'YES' | 'UNKNOWN') {
  void repairBefore(history.value!.comeback!.call, { was })
  kept.value = was === 'YES' ? 'Kept: it was that, and holds.' : 'Kept: not known.'
}
const rounded = (ohms: number) => Number(ohms.toPrecision(4))
</script>

<template>
  <section
    v-if="history && (knownOnly ? known : true)"
    class="unit"
    :class="{ notice: history.comeback || known }"
    aria-label="This unit before"
  >
    <p v-if="history.comeback && !knownOnly">
      <strong>It came back.</strong> {{ history.comeback.sentence }}
    </p>
    <div v-if="history.comeback?.asks && !knownOnly" class="stack asked">
      <p>Once you know: what does it say of the last repair?</p>
      <p v-if="kept" role="status">{{ kept }}</p>
      <p v-else class="options">
        <button v-if="history.comeback.said" type="button" class="quiet-button" @click="say('YES')">
          It was that, and holds: this is something else
        </button>
        <router-link class="quiet-button" :to="`/calls/${history.comeback.call}/hand-over`"
          >It was not that: say what it was</router-link
        >
        <button type="button" class="quiet-button" @click="say('UNKNOWN')">Not known</button>
      </p>
    </div>
    <p v-if="known">{{ known.sentence }}</p>
    <p class="row">
      <span v-if="!history.comeback && !knownOnly" class="soft"
        >This unit was called for before.</span
      >
      <button
        v-if="known"
        type="button"
        class="quiet-button"
        @click="record('winding.reference', rounded(known.pairOhmsAt20), { phase: 'BEFORE' })"
      >
        Hold this winding against it
      </button>
      <router-link :to="`/units/${call.id}`"
        >{{ history.visits.length - 1 }} earlier
        {{ history.visits.length === 2 ? 'call' : 'calls' }}</router-link
      >
    </p>
  </section>
</template>

<style scoped>
.unit {
  display: grid;
  gap: 8px;
}

.row {
  align-items: center;
}

.asked {
  --gap: 6px;
}

a.quiet-button {
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  color: inherit;
}
</style>
