<script setup lang="ts">
import { useRoute } from 'vue-router'

/** What the room of the stock holds. */
const TABS = [
  { path: '/stock', title: 'Parts' },
  { path: '/motors', title: 'Motors' },
  { path: '/stock/out', title: 'Orders, loans' },
  { path: '/stock/supply', title: 'Supply' },
  { path: '/motors/van', title: 'Van' },
]
const route = useRoute()
</script>

<template>
  <nav class="tabs" aria-label="Stock">
    <router-link
      v-for="tab in TABS"
      :key="tab.path"
      :to="tab.path"
      :aria-current="route.path === tab.path ? 'page' : undefined"
      >{{ tab.title }}</router-link
    >
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 0 4px;
  overflow-x: auto;
  border-bottom: 1px solid var(--rule);
}

a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
  padding: 0 12px;
  white-space: nowrap;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 4px solid transparent;
}

@media (max-width: 719px) {
  a {
    padding: 0 9px;
  }
}

a[aria-current] {
  border-color: var(--copper);
  font-weight: 700;
}
</style>
