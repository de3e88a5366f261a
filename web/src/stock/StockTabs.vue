<script setup lang="ts">
import { useRoute } from 'vue-router'

/** What the room of the stock holds. */
const TABS = [
  { path: '/stock', title: 'Parts' },
  { path: '/stock/out', title: 'On order, on loan' },
  { path: '/stock/supply', title: 'Supply house' },
  { path: '/motors/van', title: 'Van plan' },
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
  flex-wrap: wrap;
  gap: 0 4px;
}

a {
  display: inline-flex;
  align-items: center;
  min-height: var(--target);
  padding: 0 12px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 4px solid transparent;
}

a[aria-current] {
  border-color: var(--copper);
  font-weight: 700;
}
</style>
