<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { CallHandle } from '../call/call'
import type { Call, Particulars } from '../api/types'
import { ago } from '../shared/time'
import ParticularsForm from './ParticularsForm.vue'

const props = defineProps<{ call: Call; handle: CallHandle }>()

const copy = (): Particulars => JSON.parse(JSON.stringify(props.call.particulars))
const told = ref(copy())
const kept = ref(JSON.stringify(told.value))
const refusal = computed(() => props.handle.refusal.value?.refusal ?? null)
let timer: ReturnType<typeof setTimeout> | undefined

// Nothing is saved by hand: a change is sent as soon as the hand rests.
watch(
  told,
  () => {
    clearTimeout(timer)
    timer = setTimeout(() => {
      const now = JSON.stringify(told.value)
      if (now === kept.value) return
      kept.value = now
      void props.handle.tell(JSON.parse(now))
    }, 500)
  },
  { deep: true },
)
</script>

<template>
  <section class="card hear">
    <p class="soft">
      Opened by {{ call.openedBy }}, {{ ago(call.openedAt) }}. Changes are kept as you make them.
    </p>
    <ParticularsForm v-model="told" :refusal="refusal" />
    <p v-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
    <router-link class="on" :to="`/calls/${call.id}/prove`">Go to Prove</router-link>
  </section>
</template>

<style scoped>
.hear {
  display: grid;
  gap: 18px;
  max-width: 860px;
  margin: 0 auto;
}

.on {
  justify-self: start;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 22px;
  border-radius: 5px;
  background: var(--copper);
  color: var(--on-copper);
  font-weight: 700;
  text-decoration: none;
}
</style>
