<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useCall } from '../call/call'
import type { Particulars } from '../api/types'
import { useDebounced } from '../shared/debounced'
import { ago } from '../shared/time'
import HeardForm from './HeardForm.vue'
import ParticularsForm from './ParticularsForm.vue'
import PhotoStrip from './PhotoStrip.vue'

const { call, refusal: refused, tell } = useCall()

const copy = (): Particulars => JSON.parse(JSON.stringify(call.value.particulars))
const told = ref(copy())
const kept = ref(JSON.stringify(told.value))
const refusal = computed(() => refused.value?.refusal ?? null)

// Nothing is saved by hand: a change is sent as soon as the hand rests.
const keep = useDebounced(() => {
  const now = JSON.stringify(told.value)
  if (now === kept.value) return
  kept.value = now
  void tell(JSON.parse(now))
}, 500)
watch(told, keep, { deep: true })
</script>

<template>
  <section class="card hear">
    <p class="soft">
      Opened by {{ call.openedBy }}, {{ ago(call.openedAt) }}. Changes are kept as you make them.
    </p>
    <p
      v-if="call.warranty.state !== 'UNKNOWN'"
      :class="{
        notice: ['ENDS_SOON', 'JUST_OVER'].includes(call.warranty.state),
        soft: ['OVER', 'RUNNING'].includes(call.warranty.state),
      }"
    >
      {{ call.warranty.sentence }}
    </p>
    <HeardForm />
    <PhotoStrip class="part" />
    <div class="part">
      <ParticularsForm v-model="told" :refusal="refusal" />
    </div>
    <p v-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
    <router-link class="go on" :to="`/calls/${call.id}/prove`">Go to Prove</router-link>
  </section>
</template>

<style scoped>
.hear {
  display: grid;
  gap: 18px;
  max-width: 860px;
  margin: 0 auto;
}

.part {
  border-top: 1px solid var(--rule);
  padding-top: 16px;
}

.on {
  justify-self: start;
  padding: 0 22px;
}
</style>
