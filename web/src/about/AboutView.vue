<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import TopBar from '../shared/TopBar.vue'

const fault = ref('')
const kinds = [
  { id: 'STANDARD', title: 'Published standards' },
  { id: 'PRACTICE', title: 'Common practice' },
  { id: 'MEMORY', title: 'Engineering knowledge' },
]
const groups = computed(() =>
  kinds
    .map((kind) => ({
      ...kind,
      figures: catalogue.value?.figures.filter((figure) => figure.kind === kind.id) ?? [],
    }))
    .filter((group) => group.figures.length),
)

const route = useRoute()

onMounted(async () => {
  try {
    await loadCatalogue()
    await nextTick()
    // An id with a point in it is no selector, so the element is asked for by its id.
    document.getElementById(route.hash.slice(1))?.scrollIntoView({ block: 'center' })
  } catch {
    fault.value = 'No answer from the server.'
  }
})
</script>

<template>
  <TopBar title="Says who?" detail="Every figure that decides something, and its source" />
  <main class="page about">
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <section v-for="group in groups" :key="group.id" class="card">
      <h2>{{ group.title }}</h2>
      <dl>
        <div v-for="figure in group.figures" :id="figure.id" :key="figure.id">
          <dt>{{ figure.title }}</dt>
          <dd class="digits value">{{ figure.value }} {{ figure.unit }}</dd>
          <dd class="soft">{{ figure.source }}</dd>
        </div>
      </dl>
    </section>
    <p class="soft">
      The unit's own literature, local code and licensed practice always rule over these.
    </p>
    <p class="soft">
      Others' work in this application, with its licences:
      <a href="/third-party/page.txt">the page's scripts</a>,
      <a href="/third-party/fonts.txt">its fonts</a>,
      <a href="/third-party/workbox.txt">what keeps it on the device</a>,
      <a href="/third-party/server.txt">the server's libraries</a>. The rules in the page are
      compiled by TeaVM and hold parts of its class library (Apache License 2.0).
    </p>
  </main>
</template>

<style scoped>
.about {
  display: grid;
  gap: 16px;
  max-width: 980px;
}

dl {
  margin: 10px 0 0;
}

dl div {
  display: grid;
  grid-template-columns: 1.4fr 0.6fr 1.6fr;
  gap: 4px 16px;
  padding: 9px 0;
  border-top: 1px solid var(--rule);
}

dl div:target {
  background: var(--copper-soft);
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}

.value {
  font-weight: 650;
}

@media (max-width: 719px) {
  dl div {
    grid-template-columns: 1fr;
  }
}
</style>
