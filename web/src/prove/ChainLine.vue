<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { stationTitle } from '../catalogue/catalogue'
import type { Reading, Station, Suspect } from '../api/types'
import StationSign from './StationSign.vue'

const { call, family, checks } = useCall()

const props = defineProps<{ next?: Suspect; open?: Suspect | null }>()
const emit = defineEmits<{ pick: [station: Suspect] }>()

const WORDS: Record<Station['state'], string> = {
  UNSEEN: 'not yet',
  GOOD: 'good',
  SUSPECT: 'suspect',
  FAILED: 'failed',
}

/** The latest reading at a station, short enough to stand below its sign. */
function latest(station: Station): string {
  const mine = new Set(
    checks.value
      .filter((check) => check.station === station.id && !check.soft)
      .flatMap((check) => check.facts),
  )
  if (station.id === 'WINDING' && call.value.diagnosis.winding.unbalancePercent !== undefined) {
    return `${call.value.diagnosis.winding.unbalancePercent.toFixed(0)} % off`
  }
  const reading = [...call.value.readings]
    .reverse()
    .find((r) => r.standing && r.phase === 'BEFORE' && mine.has(r.fact) && says(station, r))
  return reading?.spoken ?? ''
}

/** Nothing read where all is well speaks of another link, and would only puzzle below a tick. */
const says = (station: Station, reading: Reading) => station.state !== 'GOOD' || reading.value !== 0

const stations = computed(() =>
  call.value.diagnosis.stations.map((station) => {
    const next = station.id === props.next && station.state !== 'FAILED'
    return {
      ...station,
      next,
      title: stationTitle(family.value, station.id),
      word: next ? 'next' : WORDS[station.state],
      reading: latest(station),
    }
  }),
)
/** On a telephone the signs stand alone; what they say that matters now is written below. */
const caption = computed(() =>
  (['next', 'failed', 'suspect'] as const)
    .map((word) => ({
      word,
      names: stations.value.filter((one) => one.word === word).map((one) => one.title),
    }))
    .filter(({ names }) => names.length)
    .map(
      ({ word, names }) => `${word.charAt(0).toUpperCase()}${word.slice(1)}: ${names.join(', ')}`,
    )
    .join('. '),
)
</script>

<template>
  <ol class="chain" aria-label="The chain, from supply to air path">
    <li
      v-for="station in stations"
      :key="station.id"
      :class="[station.state.toLowerCase(), { next: station.next }]"
    >
      <button
        :aria-expanded="open === station.id"
        :aria-label="`${station.title}: ${station.word}${station.reading ? ', ' + station.reading : ''}`"
        @click="emit('pick', station.id)"
      >
        <StationSign :state="station.state" :next="station.next" />
        <span class="name">{{ station.title }}</span>
        <span class="word">{{ station.word }}</span>
        <span class="reading digits only-wide">{{ station.reading || '\u00a0' }}</span>
      </button>
    </li>
  </ol>
  <p class="only-narrow caption">{{ caption }}</p>
</template>

<style scoped>
.chain {
  display: flex;
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  position: relative;
  flex: 1;
  min-width: 0;
}

/* The line itself carries the state: solid where the link before is proved good, dotted elsewhere. */
li:not(:last-child)::after {
  content: '';
  position: absolute;
  z-index: 0;
  top: 27px;
  left: calc(50% + 26px);
  right: calc(-50% + 26px);
  border-top: 3px dotted var(--rule-strong);
}

li.good:not(:last-child)::after {
  border-top: 5px solid var(--good);
  top: 26px;
}

button {
  position: relative;
  z-index: 1;
  display: grid;
  justify-items: center;
  gap: 2px;
  width: 100%;
  min-height: var(--target);
  padding: 6px 2px 4px;
  border: 0;
  border-radius: 6px;
  background: none;
  cursor: pointer;
}

button:hover .name {
  text-decoration: underline;
}

button[aria-expanded='true'] {
  background: var(--card);
  box-shadow: 0 0 0 1px var(--rule-strong);
}

.name {
  font-weight: 650;
  font-size: 0.9375rem;
  line-height: 1.15;
  text-align: center;
}

.word {
  font-size: 0.8125rem;
  color: var(--soft);
}

.good .word {
  color: var(--good);
}

.suspect .word {
  color: var(--suspect);
  font-weight: 650;
}

.failed .word {
  color: var(--failed);
  font-weight: 700;
}

.next .word {
  color: var(--copper);
  font-weight: 700;
}

.reading {
  font-size: 0.875rem;
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

@media (max-width: 719px) {
  /* One line that can be followed: the signs alone, joined; a finger names each. */
  li:not(:last-child)::after {
    top: 20px;
    left: calc(50% + 15px);
    right: calc(-50% + 15px);
  }

  li.good:not(:last-child)::after {
    top: 19px;
  }

  button {
    padding: 6px 0;
  }

  button :deep(svg) {
    width: 28px;
    height: 28px;
  }

  .name,
  .word {
    display: none;
  }

  .caption {
    margin-top: -6px;
    font-size: 0.875rem;
    font-weight: 650;
  }
}
</style>
