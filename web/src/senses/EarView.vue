<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { provideCall } from '../call/call'
import { loadCatalogue } from '../catalogue/catalogue'
import PhaseQuestion from '../call/PhaseQuestion.vue'
import TopBar from '../shared/TopBar.vue'
import SpeedByEar from './SpeedByEar.vue'
import StartsByEar from './StartsByEar.vue'

/** A fan heard by the microphone: how fast it turns, or how it tries and gives up. */
const props = defineProps<{ call?: string }>()

const open = props.call ? provideCall(props.call) : null
const place = computed(() => open?.loaded.value?.particulars.place ?? '')
const starts = ref(false)
const fault = ref('')

onMounted(async () => {
  await loadCatalogue().catch(() => {})
  await open?.load()
})

async function take(fact: string, value: string | number, note: string) {
  if (!open) return
  fault.value = ''
  try {
    await open.record(fact, value, { taken: { note } })
  } catch (failed) {
    fault.value = failed instanceof Error ? failed.message : String(failed)
  }
}
</script>

<template>
  <TopBar title="By ear" :detail="place" />
  <main class="page">
    <section class="card stack">
      <div class="ways" role="group" aria-label="What is listened for">
        <button type="button" class="quiet-button" :aria-pressed="!starts" @click="starts = false">
          How fast
        </button>
        <button type="button" class="quiet-button" :aria-pressed="starts" @click="starts = true">
          How it starts
        </button>
      </div>
      <p class="notice">
        Belts, wheels and live parts: stay outside with hand, hair and telephone. What is heard
        moves suspicion; it proves nothing.
      </p>
      <PhaseQuestion v-if="open?.loaded.value" />
      <StartsByEar v-if="starts" :of-call="!!open?.phase.value" @take="take" />
      <SpeedByEar v-else :of-call="!!open?.phase.value" @take="take" />
      <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    </section>
    <p><router-link v-if="call" :to="`/calls/${call}/prove`">Back to the call</router-link></p>
  </main>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 8px;
}

.ways button {
  flex: 1;
}
</style>
