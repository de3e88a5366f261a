<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useCall } from '../call/call'
import { get } from '../api/client'
import type { Debrief } from '../api/types'
import { stationTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { inWords } from '../shared/newest'

const { call, family, checks: all } = useCall()

/** A practised call, looked back on. */

const view = ref<Debrief | null>(null)
const fault = ref('')

onMounted(async () => {
  try {
    view.value = await get<Debrief>(`/api/practice/${call.value.id}/debrief`)
  } catch (failed) {
    fault.value = inWords(failed)
  }
})

const OUTCOME = {
  PROVED: 'You proved it.',
  LIKELY: 'You had the right suspect, and did not prove it.',
  ASTRAY: 'You were on another track.',
}
const ask = (id: string) => all.value.find((one) => one.id === id)?.ask ?? id
const checks = (count: number) => `${count} ${count === 1 ? 'check' : 'checks'}`
const minutes = (value: number) => `${Math.round(value)} min`
const needless = computed(() => view.value?.debrief.steps.filter((one) => one.needless) ?? [])
</script>

<template>
  <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
  <p v-else-if="!view" class="soft" role="status">Looking back…</p>
  <section v-else class="card debrief">
    <h2 :class="view.debrief.outcome.toLowerCase()">{{ OUTCOME[view.debrief.outcome] }}</h2>
    <p class="truth">
      {{ view.debrief.suspects.map((one) => stationTitle(family, one)).join(' and ') }}:
      {{ view.debrief.truth[0]!.toLowerCase() + view.debrief.truth.slice(1) }}
    </p>
    <dl>
      <div>
        <dt>Your way</dt>
        <dd class="digits">
          {{ minutes(view.debrief.minutes) }}, {{ checks(view.debrief.steps.length) }}
        </dd>
      </div>
      <div>
        <dt>The advised way</dt>
        <dd class="digits">
          {{ minutes(view.debrief.advisedMinutes) }},
          {{ checks(view.debrief.advisedChecks.length) }}
        </dd>
      </div>
      <div>
        <dt>It would have cost{{ view.debrief.extraMinutes ? ', a second visit counted' : '' }}</dt>
        <dd class="digits">
          {{ money(view.cost, view.currency) }}
          <span class="soft">of {{ money(view.advisedCost, view.currency) }}</span>
        </dd>
      </div>
    </dl>
    <p v-for="look in view.debrief.secondLooks" :key="look" class="notice">{{ look }}</p>
    <div class="columns">
      <div>
        <h3>What you did</h3>
        <ol>
          <li
            v-for="step in view.debrief.steps"
            :key="step.check"
            :class="{ needless: step.needless }"
          >
            <span>{{ ask(step.check) }}</span>
            <span class="soft">
              {{ minutes(step.minutes) }}. {{ step.needless ? 'Needless: ' : '' }}{{ step.why }}
            </span>
          </li>
          <li v-if="!view.debrief.steps.length" class="soft">No check.</li>
        </ol>
      </div>
      <div>
        <h3>The advised way with this motor</h3>
        <ol>
          <li v-for="id in view.debrief.advisedChecks" :key="id">{{ ask(id) }}</li>
        </ol>
        <template v-if="view.debrief.missed.length">
          <h3>Missed: would still have told something</h3>
          <ul>
            <li v-for="id in view.debrief.missed" :key="id">{{ ask(id) }}</li>
          </ul>
        </template>
        <p v-else-if="!needless.length" class="soft">Nothing was needless, and nothing missed.</p>
      </div>
    </div>
    <router-link class="go" to="/practice">Another motor</router-link>
  </section>
</template>

<style scoped>
.debrief {
  display: grid;
  gap: 16px;
  max-width: 980px;
  margin: 0 auto;
}

h2 {
  font-size: 1.5rem;
}

h2.proved {
  color: var(--good);
}

h2.astray {
  color: var(--failed);
}

.truth {
  font-size: 1.0625rem;
  font-weight: 650;
}

dl {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 12px 24px;
  margin: 0;
  padding: 12px 0;
  border-block: 1px solid var(--rule);
}

dd {
  margin: 0;
  font-size: 1.25rem;
  font-weight: 650;
}

dd .soft {
  font-size: 0.9375rem;
  font-weight: 400;
}

.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 16px 32px;
}

h3 {
  font-size: 1rem;
}

ol,
ul {
  margin: 6px 0 12px;
  padding-left: 24px;
}

ol li,
ul li {
  padding: 4px 0;
}

li .soft {
  display: block;
  font-size: 0.9375rem;
}

.needless > span:first-child {
  text-decoration: line-through;
}

.go {
  justify-self: start;
  padding: 0 22px;
}
</style>
