<script setup lang="ts">
import { useCall } from '../call/call'
import { routeTitle } from '../catalogue/catalogue'
import CustomerAnswer from '../choose/CustomerAnswer.vue'
import HandedOver from '../fit/HandedOver.vue'
import RepairNotice from '../repair/RepairNotice.vue'
import { clock } from '../shared/time'
import { money } from '../shared/money'

const { call } = useCall()
</script>

<template>
  <RepairNotice />
  <div class="papers">
    <section class="card">
      <h2>Report</h2>
      <p>
        One page for the customer and the file: what was found, every reading, why, and the way
        forward.
      </p>
      <a class="go" :href="`/api/calls/${call.id}/report`" target="_blank" rel="noopener"
        >Open the report (PDF)</a
      >
      <a :href="`/api/calls/${call.id}/sheet`" target="_blank" rel="noopener"
        >For the customer: the ways side by side (PDF)</a
      >
      <a :href="`/api/calls/${call.id}/case`" download>The call as a case file (JSON)</a>
    </section>
    <HandedOver v-if="call.fit" />
    <CustomerAnswer class="card" />
    <section class="card">
      <h2>Choices</h2>
      <ol v-if="call.decisions.length">
        <li v-for="(decision, index) in call.decisions" :key="decision.id">
          <strong>{{ routeTitle(decision.route) }}</strong>
          <template v-if="decision.firstCost !== undefined">
            {{ money(decision.firstCost, decision.currency) }}
          </template>
          <br />
          <span class="soft">
            {{ decision.author }}, {{ clock(decision.at)
            }}{{ index ? ', replaced by a later one' : '' }}
          </span>
        </li>
      </ol>
      <p v-else class="soft">
        Nothing chosen yet.
        <router-link :to="`/calls/${call.id}/choose`">Choose the way forward</router-link>
      </p>
    </section>
  </div>
</template>

<style scoped>
.papers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 16px;
  max-width: 900px;
  margin: 0 auto;
}

.card {
  display: grid;
  gap: 14px;
  align-content: start;
}

ol {
  margin: 0;
  padding-left: 20px;
}

a {
  min-height: 28px;
}
</style>
