<script setup lang="ts">
import { ref, watch } from 'vue'
import { get } from '../api/client'
import { factOf } from '../catalogue/catalogue'
import { inWords } from '../shared/newest'

/** In practice: what the simulated motor shows to eyes and hands for this check. */
const props = defineProps<{ machine: string; check: string }>()

const seen = ref<string[]>([])
const fault = ref('')

watch(
  () => props.check,
  () => {
    seen.value = []
    fault.value = ''
  },
)

async function look() {
  fault.value = ''
  try {
    const answers = await get<{ fact: string; value: unknown }[]>(
      `/api/meter/${props.machine}/answers?check=${encodeURIComponent(props.check)}`,
    )
    seen.value = answers.map(
      ({ fact, value }) => `${factOf(fact)?.title ?? fact}: ${spoken(value)}.`,
    )
  } catch (failed) {
    fault.value = inWords(failed)
  }
}

const spoken = (value: unknown) =>
  value === true ? 'yes' : value === false ? 'no' : String(value).toLowerCase().replaceAll('_', ' ')
</script>

<template>
  <div class="bench">
    <button v-if="!seen.length" type="button" class="quiet-button" @click="look">
      Do it on the practice motor
    </button>
    <p v-for="line in seen" :key="line" class="seen" role="status">{{ line }}</p>
    <p v-if="fault" class="soft" role="alert">{{ fault }}</p>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  gap: 4px;
  justify-items: start;
}

.seen {
  padding: 8px 12px;
  border-left: 4px solid var(--copper);
  background: var(--paper);
  font-weight: 650;
}
</style>
