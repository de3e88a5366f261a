<script setup lang="ts">
import { computed } from 'vue'
import { routeTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { useChoice } from './choice'

/** The fixed-speed conversion, sized; what is not tabulated or not known is said to be. */
const { choice } = useChoice()

const by = computed(() => choice.value.conversion)
const lost = computed(() => choice.value.lost)
const said = (value: number | undefined, unit: string, digits = 1) =>
  value === undefined ? 'not known' : `${Number(value.toFixed(digits))} ${unit}`
const rows = computed(() => {
  const it = by.value
  if (!it) return []
  return [
    [
      'Motor',
      `${said(it.horsepower, 'hp', 3)}, ${it.poles ? `${it.poles} poles` : 'poles not known'}`,
    ],
    ['Full-load amps, code table', said(it.fullLoadAmps, 'A')],
    ['Relay contacts must make', said(it.lockedRotorAmps, 'A locked rotor')],
    ['Conductors, at least', said(it.conductorAmps, 'A', 2)],
    [
      'Overload, set from the plate',
      it.overloadAmps
        ? `${it.overloadAmps.map((amps) => Number(amps.toFixed(2))).join(' or ')} A`
        : 'not known',
    ],
    [
      '24 V transformer',
      it.transformerVa === undefined
        ? `${it.relays} relays and what hangs on it: not known`
        : `${said(it.transformerVa, 'VA')} with ${it.relays === 1 ? 'the relay' : `${it.relays} relays`}` +
          (it.transformerBears === undefined
            ? ''
            : it.transformerBears
              ? ', and it has so much'
              : ': more than it has'),
    ],
  ] as [string, string][]
})
</script>

<template>
  <details v-if="by" class="card fold">
    <summary>
      <h2>Fixed-speed conversion, sized</h2>
      <span class="soft">{{ said(by.horsepower, 'hp', 3) }}, {{ said(by.fullLoadAmps, 'A') }}</span>
    </summary>
    <p class="notice">
      Power off, locked and proved dead before a wire is moved; capacitors discharged. Licensed
      work: local code and the unit's plate rule.
    </p>
    <dl>
      <template v-for="[title, value] in rows" :key="title">
        <dt>{{ title }}</dt>
        <dd
          class="digits"
          :class="{ bad: title.startsWith('24') && by.transformerBears === false }"
        >
          {{ value }}
        </dd>
      </template>
      <template v-if="lost">
        <dt>More than "{{ routeTitle(lost.against) }}"</dt>
        <dd class="digits">
          {{ Math.round(lost.watts) }} W,
          {{ money(lost.perYear, choice.market.currency ?? 'USD') }} a year
        </dd>
      </template>
    </dl>
    <ul>
      <li v-for="note in by.notes" :key="note">{{ note }}</li>
    </ul>
    <p class="soft">{{ by.source }}</p>
  </details>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: minmax(150px, auto) 1fr;
  gap: 6px 18px;
  margin: 14px 0;
}

dt {
  font-weight: 650;
}

dd {
  margin: 0;
}

.bad {
  color: var(--failed);
  font-weight: 650;
}

ul {
  margin: 0 0 10px;
  padding-left: 18px;
}
</style>
