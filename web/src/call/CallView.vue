<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { catalogue, familyTitle, loadCatalogue } from '../catalogue/catalogue'
import DebriefStage from '../practice/DebriefStage.vue'
import ChooseStage from '../choose/ChooseStage.vue'
import HandOverStage from '../handover/HandOverStage.vue'
import HearStage from '../hear/HearStage.vue'
import KeyHelp from '../keys/KeyHelp.vue'
import { useKeys } from '../keys/keys'
import { flush } from '../outbox/outbox'
import ProveStage from '../prove/ProveStage.vue'
import TopBar from '../shared/TopBar.vue'
import { useCall } from './call'

const props = defineProps<{ id: string; stage?: string }>()

const STAGES = [
  { id: 'hear', title: 'Hear' },
  { id: 'prove', title: 'Prove' },
  { id: 'choose', title: 'Choose' },
  { id: 'hand-over', title: 'Hand over' },
]
/** A practised call is proved, and looked back on. */
const PRACTICE = [
  { id: 'prove', title: 'Prove' },
  { id: 'debrief', title: 'Look back' },
]

const router = useRouter()
const handle = useCall(props.id)
const help = ref(false)
const call = handle.call
const stage = computed(() => props.stage || 'prove')
const fault = ref('')

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    await flush()
    await handle.load()
  } catch {
    fault.value = 'No answer from the server.'
  }
}

onMounted(load)

const detail = computed(() => {
  const told = call.value?.particulars
  if (!told) return ''
  const { motor, unit } = told
  return [
    told.unitName,
    familyTitle(motor.family),
    motor.horsepower ? `${motor.horsepower} hp` : '',
    motor.volts ? `${motor.volts} V` : '',
    unit.installed ? `fitted ${unit.installed.slice(0, 4)}` : '',
  ]
    .filter(Boolean)
    .join(', ')
})

useKeys({ search: () => void router.push('/?search') })
</script>

<template>
  <TopBar :title="call?.particulars.place ?? 'Call'" :detail="detail">
    <nav class="stages" aria-label="Stages">
      <router-link
        v-for="one in call?.practice ? PRACTICE : STAGES"
        :key="one.id"
        :to="`/calls/${id}/${one.id}`"
        :aria-current="stage === one.id ? 'page' : undefined"
        >{{ one.title }}</router-link
      >
    </nav>
  </TopBar>
  <main class="page">
    <div v-if="handle.fault.value || fault" class="card trouble" role="alert">
      <h2>{{ handle.fault.value || fault }}</h2>
      <p>What you entered on this device is kept.</p>
      <button class="quiet-button" @click="load">Try again</button>
      <router-link to="/">All calls</router-link>
    </div>
    <p v-else-if="!call || !catalogue" class="soft" role="status">Reading the call…</p>
    <template v-else>
      <DebriefStage v-if="stage === 'debrief' && call.practice" :call="call" />
      <HearStage v-else-if="stage === 'hear'" :key="id" :call="call" :handle="handle" />
      <ChooseStage
        v-else-if="stage === 'choose'"
        :call="call"
        :handle="handle"
        @help="help = true"
      />
      <HandOverStage v-else-if="stage === 'hand-over'" :call="call" />
      <ProveStage v-else :call="call" :handle="handle" @help="help = true" />
    </template>
  </main>
  <KeyHelp v-model="help" />
</template>

<style scoped>
.stages {
  display: flex;
  align-self: stretch;
  margin: -6px 0;
}

.stages a {
  display: inline-flex;
  align-items: center;
  padding: 0 16px;
  min-height: var(--target);
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
  border-bottom: 4px solid transparent;
  border-top: 4px solid transparent;
}

.stages a:hover {
  border-bottom-color: var(--rule-strong);
}

.stages a[aria-current] {
  color: var(--copper);
  border-bottom-color: var(--copper);
}

.trouble {
  display: grid;
  gap: 12px;
  justify-items: start;
}

@media (max-width: 719px) {
  .stages {
    position: fixed;
    z-index: 10;
    inset: auto 0 0;
    margin: 0;
    justify-content: space-around;
    background: var(--card);
    border-top: 1px solid var(--rule-strong);
  }

  .stages a {
    flex: 1;
    justify-content: center;
    min-height: 58px;
    padding: 0 4px;
  }

  .stages a[aria-current] {
    border-top-color: var(--copper);
    border-bottom-color: transparent;
  }
}
</style>
