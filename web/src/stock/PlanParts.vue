<script setup lang="ts">
import { ref, watch } from 'vue'
import { request } from '../api/client'
import type { PickLine } from '../api/types'
import { useCall } from '../call/call'
import { useDebounced } from '../shared/debounced'
import { useNewest } from '../shared/newest'
import { money } from '../shared/money'
import { myVan } from './van'
import { stateTitle } from './words'

/** What the plan of a conversion takes, and of each part whether the van has it. */
const props = defineProps<{
  plan: unknown
  parts: { type: string; count: number; need: string }[]
  /** Of a kind of part. */
  title: (kind: string) => string
}>()
const { call } = useCall()
const lines = ref<PickLine[] | null>(null)
const { ask, fault } = useNewest(
  () => 'Whether van and shelf have it is not known without the shop’s server.',
)

async function look() {
  const motor = call.value.decisions[0]?.candidate
  const van = myVan.value || undefined
  const question = () =>
    request<PickLine[]>('POST', '/api/stock/cover', { plan: props.plan, motor, van })
  await ask(question, (answer) => (lines.value = answer))
  if (fault.value) lines.value = null
}
const later = useDebounced(look, 300)
watch([() => props.plan, () => call.value.decisions, myVan], () => later(), {
  immediate: true,
  deep: true,
})

/** The line of a part; none while the answer is to an earlier plan. */
const lineOf = (at: number) => {
  const line = lines.value?.[at]
  return line?.need.words === props.parts[at]?.need ? line : undefined
}
</script>

<template>
  <ul class="plain needs">
    <li v-for="(need, at) in parts" :key="need.need">
      <span
        ><strong class="digits">{{ need.count }}</strong> {{ title(need.type) }},
        <span class="soft">{{ need.need }}</span></span
      >
      <span v-if="lineOf(at)" class="line">
        <strong :class="lineOf(at)!.state.toLowerCase()">{{
          stateTitle(lineOf(at)!.state)
        }}</strong>
        {{ lineOf(at)!.sentence }}
        <template v-if="lineOf(at)!.price !== undefined && lineOf(at)!.state !== 'ASK'">{{
          money(lineOf(at)!.price!, call.settings.currency)
        }}</template>
      </span>
    </li>
  </ul>
  <p v-if="fault" class="soft">{{ fault }}</p>
</template>

<style scoped>
li {
  display: grid;
  gap: 2px;
  padding: 6px 0;
  border-top: 1px dotted var(--rule-strong);
}

.have {
  color: var(--good);
}

.order,
.ask {
  color: var(--suspect);
}

.missing {
  color: var(--failed);
}
</style>
