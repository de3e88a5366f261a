<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { get, Refusal, request, untilAnswered } from '../api/client'
import type { PartRow } from '../api/types'
import { counted } from '../shared/number'
import { ago } from '../shared/time'

/** The lists that came in last, each of which can be taken back whole. */
interface Brought {
  id: string
  parts: number
  author: string
  at: string
  takenBack: boolean
}
const emit = defineEmits<{ back: [parts: PartRow[]] }>()

const lists = ref<Brought[]>([])
/** The one that a person is about to take back. */
const doomed = ref('')
const left = ref<string[]>([])
const fault = ref('')

async function load() {
  try {
    lists.value = await get<Brought[]>('/api/stock/imports')
  } catch {
    // The stock itself says that nothing can be read.
  }
}
onMounted(load)

async function takeBack(one: Brought) {
  if (doomed.value !== one.id) {
    doomed.value = one.id
    return
  }
  doomed.value = ''
  fault.value = ''
  const path = `/api/stock/imports/${one.id}/undos/${crypto.randomUUID()}`
  try {
    const answer = await untilAnswered(
      () => request<{ parts: PartRow[]; left: string[] }>('PUT', path),
      () => (fault.value = 'Not known yet whether it is taken back. Asking again…'),
    )
    fault.value = ''
    left.value = answer.left
    emit('back', answer.parts)
  } catch (failed) {
    fault.value =
      failed instanceof Refusal ? failed.message : 'Not known whether it is taken back: look here.'
  }
  await load()
}
</script>

<template>
  <details v-if="lists.length" class="fold">
    <summary>
      <h2>Lists brought in</h2>
      <span class="soft">the last by {{ lists[0]!.author }}, {{ ago(lists[0]!.at) }}</span>
    </summary>
    <ul class="plain lists">
      <li v-for="one in lists" :key="one.id" class="row">
        <span
          >{{ counted(one.parts, 'part') }}
          <span class="soft">{{ one.author }}, {{ ago(one.at) }}</span></span
        >
        <span v-if="one.takenBack" class="soft">taken back</span>
        <button v-else type="button" class="quiet-button" @click="takeBack(one)">
          {{ doomed === one.id ? 'Yes, take all of it back' : 'Take it back' }}
        </button>
      </li>
    </ul>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <ul v-if="left.length" role="status">
      <li v-for="one in left" :key="one">{{ one }}</li>
    </ul>
  </details>
</template>

<style scoped>
.lists li {
  justify-content: space-between;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
