<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { trouble } from '../api/client'
import type { SiteView } from '../api/types'
import { useNewest } from '../shared/newest'
import { ago } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import { getKept } from '../keep/answers'

/** A site by its units, the one that was called for last first. */
const props = defineProps<{ id: string }>()

const site = ref<SiteView | null>(null)
const { ask, fault } = useNewest()

const load = () =>
  ask(
    () => getKept<SiteView>(`/api/sites/${props.id}`),
    (answer) => (site.value = answer),
  )

onMounted(load)
watch(() => props.id, load)
watch(trouble, (now) => {
  if (!now && fault.value) void load()
})
</script>

<template>
  <TopBar :title="site?.name ?? 'Site'" />
  <main class="page">
    <div v-if="fault" class="card" role="alert">
      <h2>{{ fault }}</h2>
      <button type="button" class="quiet-button" @click="load()">Try again</button>
    </div>
    <p v-else-if="!site" class="soft" role="status">Reading the site…</p>
    <ul v-else class="plain card units">
      <li v-for="unit in site.units" :key="unit.unit">
        <h2>
          <router-link :to="`/units/${unit.newest}`">{{
            unit.name || 'Units without a name'
          }}</router-link>
        </h2>
        <span>{{ unit.stands }}</span>
        <span class="soft"
          >{{ unit.calls }} {{ unit.calls === 1 ? 'call' : 'calls' }};
          {{ ago(unit.changedAt) }}</span
        >
      </li>
    </ul>
  </main>
</template>

<style scoped>
.units li {
  display: grid;
  gap: 4px;
  padding: 12px 0;
}

.units li + li {
  border-top: 1px solid var(--rule);
}
</style>
