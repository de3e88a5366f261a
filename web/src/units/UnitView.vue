<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { trouble } from '../api/client'
import type { MotorIn, SiteView, UnitHistory } from '../api/types'
import { loadCatalogue, routeTitle } from '../catalogue/catalogue'
import { day } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import { inWords } from '../shared/newest'
import { getKept } from '../keep/answers'

/** A unit by its calls, the newest first: what was found, what was left in it, what it read. */
const props = defineProps<{ id: string }>()

const unit = ref<UnitHistory | null>(null)
const site = ref<SiteView | null>(null)
const fault = ref('')

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    unit.value = await getKept<UnitHistory>(`/api/calls/${props.id}/unit`)
    // One that is practised stands nowhere.
    site.value = await getKept<SiteView>(`/api/calls/${props.id}/site`).catch(() => null)
  } catch (failed) {
    fault.value = inWords(failed)
  }
}

const ROLES = { INDOOR_BLOWER: 'Indoor blower', OUTDOOR_FAN: 'Outdoor fan' }
const role = (motor: MotorIn) => (motor.role ? ROLES[motor.role] : 'One of its fans')
const since = (motor: MotorIn) =>
  `${motor.fitted ? 'fitted' : 'met'} ${day(motor.since)}${motor.until ? `, out ${day(motor.until)}` : ''}`

onMounted(load)
watch(() => props.id, load)
watch(trouble, (now) => {
  if (!now && fault.value) void load()
})
</script>

<template>
  <TopBar :title="unit?.place ?? 'Unit'" :detail="unit?.unit ?? ''" />
  <main class="page">
    <div v-if="fault" class="card" role="alert">
      <h2>{{ fault }}</h2>
      <p>A label of another shop’s unit is known there alone; its call file can be brought in.</p>
      <button class="quiet-button" @click="load()">Try again</button>
    </div>
    <p v-else-if="!unit" class="soft" role="status">Reading the unit…</p>
    <div v-else class="unit">
      <p v-if="unit.known" class="notice">{{ unit.known.sentence }}</p>
      <p v-if="!unit.unit" class="soft">
        The unit has no name of its own, so no other call is taken for one of it.
      </p>
      <p v-if="site && site.units.length > 1">
        <router-link :to="`/sites/${site.id}`"
          >{{ site.units.length }} units at {{ site.name }}</router-link
        >
      </p>
      <section v-if="unit.motors.length" class="card" aria-labelledby="motors-in">
        <h2 id="motors-in">Motors in it</h2>
        <ul class="plain motors">
          <li v-for="motor in unit.motors" :key="`${motor.call}${motor.since}${motor.motor}`">
            <span class="soft">{{ role(motor) }}</span>
            <span :class="{ gone: motor.until }">
              <strong v-if="motor.number" class="digits">{{ motor.number }}</strong>
              {{ motor.motor }}
            </span>
            <router-link :to="`/calls/${motor.call}`">{{ since(motor) }}</router-link>
            <span v-if="motor.doubt" class="doubt">{{ motor.doubt }}</span>
          </li>
        </ul>
      </section>
      <ol class="plain visits">
        <li v-for="visit in unit.visits" :key="visit.call" class="card">
          <h2>
            <router-link :to="`/calls/${visit.call}`">{{ day(visit.opened) }}</router-link>
            <span v-if="unit.comeback && visit.call === unit.visits[0]!.call" class="came"
              >came back after {{ unit.comeback.days }}
              {{ unit.comeback.days === 1 ? 'day' : 'days' }}</span
            >
          </h2>
          <p>{{ visit.complaint }}</p>
          <p>
            <strong>{{ visit.said }}</strong>
            <template v-if="visit.chosen"
              >{{ ' ' }}Chosen: {{ routeTitle(visit.chosen) }}.</template
            >
          </p>
          <dl v-if="visit.left.length" aria-label="Left in it">
            <div v-for="line in visit.left" :key="line.title">
              <dt>{{ line.title }}</dt>
              <dd>{{ line.said }}</dd>
            </div>
          </dl>
          <p v-if="visit.pairs" class="soft">Winding then: {{ visit.pairs }}</p>
        </li>
      </ol>
    </div>
  </main>
</template>

<style scoped>
.motors li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  padding: 6px 0;
}

.doubt {
  color: var(--suspect);
  font-weight: 600;
}

.gone {
  text-decoration: line-through;
}

.unit,
.visits {
  display: grid;
  gap: 14px;
  max-width: 900px;
  margin: 0 auto;
}

.unit {
  width: 100%;
}

.visits {
  width: 100%;
  padding: 0;
}

.visits li {
  display: grid;
  gap: 8px;
}

.came {
  margin-left: 12px;
  color: var(--failed);
  font-size: 0.9375rem;
}

dl {
  display: grid;
  gap: 4px;
  margin: 0;
  padding-left: 12px;
  border-left: 3px solid var(--rule-strong);
}

dl div {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
}

dt {
  font-weight: 650;
}

dd {
  margin: 0;
}
</style>
