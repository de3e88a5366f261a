<script setup lang="ts">
import { ref } from 'vue'
import { get } from '../api/client'
import type { LoanRow, PartRow } from '../api/types'
import { ago, day } from '../shared/time'
import { useSaves } from './saves'
import { keyTitle, placeOf, placesOf } from './words'

/** A motor that was lent: where it stands, since when, and when it is to be fetched. */
const props = defineProps<{ row: LoanRow; where?: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const { save, refusal, unsent } = useSaves(() => emit('changed'))
const fetching = ref(false)
const places = ref<string[]>([])
const place = ref('')

async function begin() {
  fetching.value = !fetching.value
  const rows = await get<PartRow[]>('/api/stock/parts').catch(() => [])
  places.value = placesOf(rows)
  place.value ||= places.value[0] ?? 'SHELF returned'
}
function back() {
  fetching.value = false
  const path = `/api/loans/${props.row.loan.id}/returns`
  void save(path, placeOf(place.value), `${props.row.number} came back`)
}
</script>

<template>
  <div class="loan">
    <p>
      <strong>{{ row.number }}</strong> {{ row.name }}
      <router-link v-if="where" class="says" :to="`/calls/${row.loan.call}/choose`">{{
        [row.loan.place, row.loan.unitName].filter(Boolean).join(', ')
      }}</router-link>
    </p>
    <p v-if="row.loan.back" class="soft">
      Came back {{ ago(row.loan.back) }}; lent by {{ row.loan.author }} {{ ago(row.loan.since) }}.
    </p>
    <p v-else>
      <span class="state" :class="{ late: row.late }">{{ row.late ? 'Fetch it' : 'Out' }}</span>
      since {{ ago(row.loan.since) }}<template v-if="row.due">, due {{ day(row.due) }}</template
      >. {{ row.why }} <span class="soft">Lent by {{ row.loan.author }}.</span>
    </p>
    <p v-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
    <p v-if="!row.loan.back" class="row">
      <button type="button" class="quiet-button" @click="begin">It came back</button>
      <span v-if="unsent" class="soft">Waits for the radio.</span>
    </p>
    <form v-if="fetching" class="row" @submit.prevent="back">
      <label class="named">
        Where it lies now
        <select v-model="place" name="place">
          <option v-for="one in places" :key="one" :value="one">{{ keyTitle(one) }}</option>
        </select>
      </label>
      <button type="submit" class="quiet-button">Keep it</button>
    </form>
  </div>
</template>

<style scoped>
.loan {
  display: grid;
  gap: 4px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}

.state {
  font-weight: 700;
  color: var(--suspect);
}

.state.late {
  color: var(--failed);
}

form {
  align-items: end;
  gap: 12px;
}
</style>
