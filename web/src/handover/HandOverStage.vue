<script setup lang="ts">
import { useCall } from '../call/call'
import { routeTitle } from '../catalogue/catalogue'
import CustomerAnswer from '../choose/CustomerAnswer.vue'
import HandedOver from '../fit/HandedOver.vue'
import RepairNotice from '../repair/RepairNotice.vue'
import { clock, day } from '../shared/time'
import { money } from '../shared/money'
import PaperLink from '../shared/PaperLink.vue'
import LabelCard from './LabelCard.vue'
import WasItThat from './WasItThat.vue'

const { call } = useCall()
</script>

<template>
  <RepairNotice />
  <div class="papers">
    <section class="card">
      <h2>Report</h2>
      <p>
        For the customer and the file: what was found, every reading, why, the way forward, what was
        fitted and proved.
      </p>
      <PaperLink class="go" :href="`/api/calls/${call.id}/report`" :call="call.id"
        >Open the report (PDF)</PaperLink
      >
      <PaperLink :href="`/api/calls/${call.id}/file`" :call="call.id"
        >Everything in one file, for another shop or the archive (ZIP)</PaperLink
      >
      <PaperLink :href="`/api/calls/${call.id}/case`" :call="call.id"
        >The call as a case file (JSON)</PaperLink
      >
      <p v-if="call.broughtIn" class="soft">
        Brought in from a file by {{ call.broughtIn.by }}, {{ day(call.broughtIn.at) }}: who made
        what in it, and when, is as the file says.
      </p>
    </section>
    <LabelCard />
    <section v-if="call.visit" class="card">
      <h2>Next visit</h2>
      <p>{{ call.visit.why }}</p>
      <ul v-if="call.visit.bring.length || call.visit.left.length" class="plain">
        <li v-for="one in call.visit.bring" :key="one">To bring: {{ one }}</li>
        <li v-for="one in call.visit.left" :key="one">To do: {{ one }}</li>
      </ul>
      <PaperLink v-if="call.visit.day" :href="`/api/calls/${call.id}/visit`" :call="call.id"
        >Into the calendar: {{ day(call.visit.day) }} (ICS)</PaperLink
      >
      <p v-else class="soft">
        No day is said for it.
        <router-link :to="`/calls/${call.id}/fit`">Say it at Fit</router-link>
      </p>
    </section>
    <WasItThat />
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

a:not(.go) {
  min-height: 28px;
}

.notice + .papers {
  margin-top: 14px;
}
</style>
