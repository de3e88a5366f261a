<script setup lang="ts">
import { computed, ref } from 'vue'
import { money } from '../shared/money'
import { routeTitle } from '../catalogue/catalogue'
import { useChoice } from './choice'
import MotorPoints from './MotorPoints.vue'
import { fitTitle, stockedTitle, pointsTitle } from './words'

/** The shop's motors against the one that stood here, best first; those that do not fit on demand. */
const { choice } = useChoice()

const all = ref(false)
const fitting = computed(() => choice.value.motors.filter((one) => one.match.state !== 'NO'))
const others = computed(() => choice.value.motors.filter((one) => one.match.state === 'NO'))
const shown = computed(() => (all.value ? choice.value.motors : fitting.value))
</script>

<template>
  <section id="motors" class="card" aria-label="Motors that fit">
    <header class="row">
      <h2>Motors of the shop against this one</h2>
      <router-link to="/motors">The shop's motors</router-link>
    </header>
    <p v-if="!choice.motors.length" class="soft">
      The shop has no motors in its list yet.
      <router-link to="/motors">Type one, or bring in a CSV</router-link>
    </p>
    <p v-else-if="!fitting.length">None of the {{ choice.motors.length }} fits.</p>
    <ul class="plain">
      <li v-for="fit in shown" :key="fit.motor.candidate.id">
        <details :name="fit.motor.candidate.id">
          <summary>
            <span class="state" :class="fit.match.state.toLowerCase()">{{
              fitTitle(fit.match.state)
            }}</span>
            <span class="name">
              <strong>{{ fit.motor.candidate.id }}</strong>
              <span class="soft">{{ routeTitle(fit.route) }}, {{ stockedTitle(fit.motor) }}</span>
            </span>
            <span class="digits cost">{{
              fit.motor.price === undefined
                ? 'no price'
                : money(fit.motor.price, choice.market.currency ?? 'USD')
            }}</span>
            <span class="what soft">{{ pointsTitle(fit.match) }}</span>
          </summary>
          <MotorPoints :points="fit.match.points" />
        </details>
      </li>
    </ul>
    <button v-if="others.length" type="button" class="link-button" @click="all = !all">
      {{ all ? 'Only those that fit' : `Show ${others.length} that do not fit, and why` }}
    </button>
  </section>
</template>

<style scoped>
header {
  justify-content: space-between;
}

header a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
}

li {
  border-top: 1px solid var(--rule);
}

summary {
  display: grid;
  grid-template-columns: 112px minmax(180px, 1.2fr) 92px 2fr;
  gap: 2px 14px;
  align-items: center;
  min-height: var(--target);
  padding: 6px 0;
  cursor: pointer;
}

.name {
  display: grid;
}

.state {
  font-weight: 700;
}

.state.fits {
  color: var(--good);
}

.state.fits_with {
  color: var(--suspect);
}

.state.no {
  color: var(--failed);
}

.cost {
  text-align: right;
  font-weight: 650;
}

@media (max-width: 719px) {
  summary {
    grid-template-columns: 1fr auto;
  }

  .state {
    grid-row: 1;
  }

  .cost {
    grid-row: 1;
    grid-column: 2;
  }

  .name,
  .what {
    grid-column: 1 / -1;
  }
}
</style>
