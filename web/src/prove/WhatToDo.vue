<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { actionTitle } from '../catalogue/catalogue'

/** What is to be done, and whether that is settled; under it the part's name, and how sure it is. */
const { call } = useCall()

const verdict = computed(() => call.value.diagnosis.verdict)
const remedy = computed(() => verdict.value.remedy)
const settled = computed(() => remedy.value.state === 'SETTLED')
/** A part that is proved may be chosen for, though the plate has not said what is to be done. */
const ready = computed(() => settled.value || verdict.value.state === 'DECIDED')
const held = computed(() => call.value.diagnosis.nextTests[0]?.again ?? false)
const begun = computed(() => call.value.readings.some((reading) => reading.standing))
const inside = (title: string) => title.charAt(0).toLowerCase() + title.slice(1)

const state = computed(() => (settled.value ? 'Settled' : held.value ? 'Held' : 'Not settled yet'))
/** Said of the readings themselves, not of a part. */
const contradicted = computed(() =>
  call.value.diagnosis.warnings.some((one) => one.id === 'CONTRADICTION'),
)
/** What an open door took away is measured again: that is no disagreement. */
const door = computed(() =>
  call.value.readings.some(
    (one) => one.standing && one.fact === 'safety.open' && one.value === 'DOOR',
  ),
)
const open = () =>
  contradicted.value
    ? verdict.value.sentence
    : held.value && door.value
      ? 'The door switch is open: hold it in, and measure again.'
      : held.value
        ? 'Two measurements do not agree: a third one decides.'
        : remedy.value.sentence
const known = () => (held.value || contradicted.value ? '' : call.value.diagnosis.headline)
const headline = computed(() =>
  settled.value
    ? [
        remedy.value.how ?? actionTitle(remedy.value.action),
        ...remedy.value.also.map((action) => inside(actionTitle(action))),
      ].join('; besides: ')
    : known() ||
      open()
        .replace(/^Not settled yet[.:] /, '')
        .replace(/^./, (one) => one.toUpperCase()),
)
/** A mend that is tried first is the headline, and the next card asks how it went. */
const trial = computed(() => settled.value && remedy.value.trial !== undefined)
const found = computed(() =>
  trial.value && call.value.diagnosis.found.length === 1 ? [] : call.value.diagnosis.found,
)
const parts = computed(() => (settled.value ? [] : remedy.value.also.map(actionTitle)))
</script>

<template>
  <section
    class="lead"
    :class="{ settled, held: held && !settled }"
    role="status"
    aria-label="What to do"
  >
    <p v-if="!begun" class="part">{{ verdict.sentence }}</p>
    <template v-else>
      <p class="head">
        <span class="state">{{ state }}</span>
        <strong class="headline">{{ headline }}</strong>
      </p>
      <p v-if="settled" class="sure">{{ remedy.standing }}</p>
      <p v-if="!contradicted" class="part">
        {{ verdict.sentence }}
        <span v-if="verdict.proof" class="proof">{{ verdict.proof }}</span>
      </p>
    </template>
    <p v-for="one in found" :key="one.link + one.sentence" class="part">
      Found, to be mended: {{ one.sentence }}
    </p>
    <p v-if="parts.length && !found.length" class="part">
      In any case: {{ parts.map(inside).join(', ') }}.
    </p>
    <router-link
      v-if="ready && !trial && call.practice"
      class="go"
      :to="`/calls/${call.id}/debrief`"
    >
      Look back on it
    </router-link>
    <router-link v-else-if="ready && !trial" class="go" :to="`/calls/${call.id}/choose`">
      Choose the way forward
    </router-link>
  </section>
</template>

<style scoped>
.lead {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 24px;
  align-items: center;
  border-left: 6px solid var(--rule-strong);
  padding: 2px 0 2px 16px;
}

.lead > * {
  grid-column: 1;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
}

.headline {
  font-size: 1.25rem;
  line-height: 1.25;
}

.state {
  padding: 1px 8px;
  border: 1.5px solid currentcolor;
  border-radius: 3px;
  font-size: 0.875rem;
  font-weight: 700;
}

.held {
  border-color: var(--suspect);
  background: var(--suspect-soft);
  padding-block: 10px;
}

.settled {
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
  background: var(--band);
  color: var(--on-band);
  padding: 14px 18px;
}

.settled .headline {
  font-size: 1.625rem;
}

.proof {
  opacity: 0.85;
}

.go {
  grid-area: 1 / 2 / span 4 / 3;
  padding: 0 22px;
  color: #fff;
  background: #a04810;
}

@media (max-width: 719px) {
  .lead {
    grid-template-columns: minmax(0, 1fr);
    padding-left: 10px;
    gap: 2px;
  }

  .headline {
    font-size: 1.0625rem;
  }

  .state {
    padding: 0 6px;
    font-size: 0.8125rem;
  }

  .part {
    font-size: 0.9375rem;
    line-height: 1.3;
  }

  .settled {
    padding: 12px 14px;
    gap: 6px;
  }

  .settled .headline {
    font-size: 1.375rem;
  }

  .go {
    grid-area: auto;
  }
}
</style>
