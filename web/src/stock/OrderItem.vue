<script setup lang="ts">
import { ref } from 'vue'
import type { OrderRow } from '../api/types'
import { money } from '../shared/money'
import { ago, day } from '../shared/time'
import { useSaves } from './saves'

/** One order as it stands, with what can become of it. */
const props = defineProps<{ row: OrderRow; where?: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const { save, refusal, unsent } = useSaves(() => emit('changed'))
const moving = ref(false)
const due = ref(props.row.order.due ?? '')

function tell(what: 'DUE' | 'ARRIVED' | 'CANCELLED') {
  moving.value = false
  void save(
    `/api/orders/${props.row.order.id}/news`,
    what === 'DUE' ? { what, due: due.value } : { what },
    `Order of ${props.row.order.number}`,
  )
}
const STATES = { ORDERED: 'On order', ARRIVED: 'Arrived', CANCELLED: 'Cancelled' }
</script>

<template>
  <div class="order">
    <p>
      <strong
        >{{ row.order.count > 1 ? `${row.order.count} × ` : '' }}{{ row.order.number }}</strong
      >
      {{ row.order.name }}
      <router-link v-if="where" class="says" :to="`/calls/${row.order.call}/choose`">{{
        row.order.place
      }}</router-link>
    </p>
    <p>
      <span class="state" :class="{ late: row.late, there: row.order.state === 'ARRIVED' }">{{
        row.late ? 'Late' : STATES[row.order.state]
      }}</span>
      <template v-if="row.order.state === 'ORDERED'"
        >{{ ' ' }}{{ row.order.due ? `due ${day(row.order.due)}` : 'no day was said' }}
      </template>
      <template v-else> {{ ago(row.order.changed) }}</template>
      <span class="soft"
        >, ordered by {{ row.order.author }} {{ ago(row.order.since)
        }}<template v-if="row.order.price !== undefined"
          >, {{ money(row.order.price, row.order.currency) }} each</template
        ></span
      >
    </p>
    <p v-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
    <p v-if="row.order.state === 'ORDERED'" class="row">
      <button type="button" class="quiet-button" @click="tell('ARRIVED')">It arrived</button>
      <button type="button" class="link-button" @click="moving = !moving">Due another day</button>
      <button type="button" class="link-button" @click="tell('CANCELLED')">Cancelled</button>
      <span v-if="unsent" class="soft">Waits for the radio.</span>
    </p>
    <form v-if="moving" class="row" @submit.prevent="tell('DUE')">
      <label class="named">Due <input v-model="due" type="date" name="due" required /></label>
      <button type="submit" class="quiet-button">Keep the day</button>
    </form>
  </div>
</template>

<style scoped>
.order {
  display: grid;
  gap: 4px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}

.state {
  font-weight: 700;
  color: var(--suspect);
}

.state.there {
  color: var(--good);
}

.state.late {
  color: var(--failed);
}

form {
  align-items: end;
  gap: 12px;
}

input {
  min-height: var(--target);
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
}
</style>
