<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { trouble } from '../api/client'
import { catalogue, familyTitle, loadCatalogue } from '../catalogue/catalogue'
import KeyHelp from '../keys/KeyHelp.vue'
import { useKeys } from '../keys/keys'
import { flush } from '../keep/queue'
import AsTold from '../shared/AsTold.vue'
import TopBar from '../shared/TopBar.vue'
import { provideCall } from '../call/call'
import ConflictNotice from './ConflictNotice.vue'
import { useLive } from '../call/live'
import { stageOf, stagesOf } from './stages'

const props = defineProps<{ id: string; stage?: string }>()

const router = useRouter()
const open = provideCall(props.id)
const help = ref(false)
const call = open.loaded
const stage = computed(() => stageOf(call.value, props.stage))
const fault = ref('')

async function load() {
  fault.value = ''
  try {
    await loadCatalogue()
    await flush()
    await open.load()
  } catch {
    fault.value = 'No answer from the server.'
  }
}

onMounted(load)
watch(trouble, (now) => {
  if (!now && (fault.value || open.fault.value)) void load()
})
useLive(props.id, (at) => void open.look(at))

const detail = computed(() => {
  const told = call.value?.particulars
  if (!told) return ''
  const { motor, unit } = told
  return [
    told.unitName,
    told.mayBe?.length ? 'Motor not known yet' : familyTitle(motor.family),
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
        v-for="one in stagesOf(call)"
        :key="one.id"
        :to="`/calls/${id}/${one.id}`"
        :aria-current="stage.id === one.id ? 'page' : undefined"
        >{{ one.title }}</router-link
      >
    </nav>
  </TopBar>
  <main class="page" :aria-busy="open.working.value">
    <p v-if="open.news.value" class="news" role="status">
      <span>{{ open.news.value }}</span>
      <button type="button" class="link-button" @click="open.news.value = ''">Seen</button>
    </p>
    <p v-if="open.apart.value" class="notice" role="status">
      This page and the shop’s server are of different versions. What you enter is kept and sent;
      what follows from it is shown once the server has it.
    </p>
    <ConflictNotice v-if="call && catalogue" />
    <div v-if="open.fault.value || fault" class="card trouble" role="alert">
      <h2>{{ open.fault.value || fault }}</h2>
      <AsTold :lines="open.asTold.value" />
      <p>What you entered on this device is kept.</p>
      <button class="quiet-button" @click="load">Try again</button>
      <router-link to="/">All calls</router-link>
    </div>
    <p v-else-if="!call || !catalogue" class="soft" role="status">Reading the call…</p>
    <component :is="stage.view" v-else :key="stage.id" @help="help = true" />
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

.news {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 18px;
  margin: 0 0 12px;
  padding: 4px 14px;
  border-left: 4px solid var(--copper);
  background: var(--card);
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
    flex: 1 1 auto;
    justify-content: center;
    min-height: 58px;
    padding: 0 2px;
    font-size: 0.9375rem;
    white-space: nowrap;
  }

  .stages a[aria-current] {
    border-top-color: var(--copper);
    border-bottom-color: transparent;
  }
}
</style>
