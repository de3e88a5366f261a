<script setup lang="ts">
import { computed, ref } from 'vue'
import { get } from '../api/client'
import type { Decision } from '../api/types'
import { useCall } from '../call/call'
import { factOf, routeTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { ago } from '../shared/time'

/** What was chosen, the last one in force; the earlier ones stay, each with what it stood on. */
const { call } = useCall()

interface StoodOn {
  case: { facts: { id: string; value: unknown }[]; market?: { labourPerHour?: number } }
  options: {
    routes: { id: string; state: string; firstCost?: number; totalCost?: number }[]
    candidates: { id: string; state: string }[]
  }
}

/** Ways on which something is wired otherwise than it was. */
const FITTED: string[] = ['FIXED_SPEED', 'LOANER', 'DRIVE_BYPASS']

const decisions = computed(() => call.value.decisions)
const stood = ref<Record<string, StoodOn | string>>({})

async function read(id: string, open: boolean) {
  if (!open || typeof stood.value[id] === 'object') return
  try {
    stood.value[id] = await get<StoodOn>(`/api/calls/${call.value.id}/decisions/${id}`)
  } catch {
    stood.value[id] = 'What it stood on cannot be read now.'
  }
}

const priced = (on: StoodOn) => on.options.routes.filter((one) => one.firstCost != null)
const matched = (on: StoodOn) => on.options.candidates.filter((one) => one.state !== 'NO')
const spoken = (value: unknown) => (Array.isArray(value) ? value.join(' to ') : String(value))
const cost = (decision: Decision, amount: number | undefined) =>
  amount == null ? '' : money(amount, decision.currency)
</script>

<template>
  <section v-if="decisions.length" class="card" aria-label="What was chosen">
    <ul class="plain">
      <li v-for="(decision, index) in decisions" :key="decision.id" :class="{ old: index > 0 }">
        <p role="status">
          <strong>{{ routeTitle(decision.route) }}</strong><template v-if="decision.candidate">
            with {{ decision.candidate }}</template
          >
          {{ index ? 'was chosen before' : 'chosen' }} by {{ decision.author }},
          {{ ago(decision.at)
          }}<template v-if="decision.firstCost !== undefined"
            >, first cost {{ cost(decision, decision.firstCost) }}</template
          >.
          <router-link
            v-if="!index && FITTED.includes(decision.route)"
            class="says"
            :to="`/calls/${call.id}/fit`"
            >Plan and wire it</router-link
          >
          {{ ' ' }}
          <router-link v-if="!index" :to="`/calls/${call.id}/hand-over`">To the papers</router-link>
        </p>
        <ul v-if="decision.done.length && !index" class="done">
          <li v-for="one in decision.done" :key="one">{{ one }}</li>
        </ul>
        <details @toggle="read(decision.id, ($event.target as HTMLDetailsElement).open)">
          <summary>What it stood on</summary>
          <p v-if="typeof stood[decision.id] === 'string'">{{ stood[decision.id] }}</p>
          <template v-for="(on, at) in [stood[decision.id] as StoodOn]" v-else :key="at">
            <template v-if="on">
              <h3>{{ on.case.facts.length }} readings</h3>
              <p>
                <span v-for="fact in on.case.facts" :key="fact.id" class="chip">
                  {{ factOf(fact.id)?.shortTitle ?? fact.id }}
                  <span class="digits">{{ spoken(fact.value) }}</span>
                </span>
              </p>
              <h3>Prices</h3>
              <p v-if="!priced(on).length" class="soft">none were known</p>
              <p>
                <span v-for="one in priced(on)" :key="one.id" class="chip">
                  {{ routeTitle(one.id) }}
                  <span class="digits">{{ cost(decision, one.firstCost) }}</span>
                </span>
              </p>
              <h3>Motors that fitted</h3>
              <p v-if="!matched(on).length" class="soft">none of the list</p>
              <p>
                <span v-for="one in matched(on)" :key="one.id" class="chip">{{ one.id }}</span>
              </p>
            </template>
          </template>
        </details>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  border-left: 5px solid var(--good);
}

.plain > li + li {
  margin-top: 10px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}

.old {
  color: var(--soft);
}

.done {
  margin: 6px 0;
  padding-left: 18px;
}

summary {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
  cursor: pointer;
  font-weight: 650;
}

h3 {
  margin: 8px 0 4px;
  font-size: 1rem;
}

.chip {
  display: inline-block;
  margin: 0 6px 6px 0;
  padding: 2px 8px;
  border: 1px solid var(--rule);
  border-radius: 4px;
}
</style>
