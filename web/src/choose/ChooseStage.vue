<script setup lang="ts">
import { computed } from 'vue'
import AskedHere from '../call/AskedHere.vue'
import { useCall } from '../call/call'
import { routeTitle } from '../catalogue/catalogue'
import { ago } from '../shared/time'
import { money } from '../shared/money'
import { useKeys } from '../keys/keys'
import WayCard from './WayCard.vue'

const { call, refusal, offer, decide } = useCall()

const emit = defineEmits<{ help: [] }>()

const ORDER = { OPEN: 0, CONDITIONAL: 1, BLOCKED: 2 }
/** Ways that this kind of motor has no use for need not be looked at. */
const NOT_OF_THIS_KIND = ['NO_DRIVE', 'NO_LINK', 'NO_MODULE']
const ways = computed(() =>
  call.value.ways
    .filter((way) => !way.reasons.some((reason) => NOT_OF_THIS_KIND.includes(reason.id)))
    .sort((a, b) => ORDER[a.state] - ORDER[b.state]),
)
const decision = computed(() => call.value.decisions[0])

useKeys({ help: () => emit('help') })
</script>

<template>
  <div class="choose">
    <p class="verdict">
      <strong>{{ call.diagnosis.verdict.sentence }}</strong>
      <span class="soft">
        Labour at {{ money(call.settings.labourPerHour, call.settings.currency) }} an hour.
      </span>
    </p>
    <p
      v-if="
        call.diagnosis.verdict.state !== 'DECIDED' &&
        call.diagnosis.verdict.remedy.state !== 'SETTLED'
      "
      class="notice"
    >
      The fault is not proved yet. Ordering now is a guess; parts are dear and seldom go back.
      <router-link :to="`/calls/${call.id}/prove`">Back to Prove</router-link>
    </p>
    <p v-if="decision" class="decision" role="status">
      <strong>{{ routeTitle(decision.route) }}</strong> chosen by {{ decision.author }},
      {{ ago(decision.at)
      }}<template v-if="decision.firstCost !== undefined"
        >, first cost {{ money(decision.firstCost, decision.currency) }}</template
      >. <router-link :to="`/calls/${call.id}/hand-over`">To the papers</router-link>
    </p>
    <p v-if="refusal" class="notice failed" role="alert">
      {{ refusal.label }}: {{ refusal.refusal.message }}
    </p>
    <AskedHere stage="CHOOSE" />
    <div class="ways">
      <WayCard
        v-for="way in ways"
        :key="way.route"
        :way="way"
        :settings="call.settings"
        :recommended="call.recommended === way.route"
        :chosen="decision?.route === way.route"
        @offer="(prices) => offer(way.route, prices)"
        @choose="decide(way.route)"
      />
    </div>
    <p class="soft">
      Licensed work, local code and the unit's own literature rule. Changing the fan of a
      fuel-burning unit can void its listing.
    </p>
  </div>
</template>

<style scoped>
.choose {
  display: grid;
  gap: 16px;
}

.verdict {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 20px;
  font-size: 1.0625rem;
}

.decision {
  border-left: 5px solid var(--good);
  background: var(--card);
  padding: 12px 14px;
}

.ways {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: 16px;
}
</style>
