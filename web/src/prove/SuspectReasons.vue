<script setup lang="ts">
/** Readings and what follows from each, in sentences that can be read to a customer. */
defineProps<{ title: string; reasons: { sentence: string; figure?: string }[] }>()
</script>

<template>
  <div v-if="reasons.length" class="reasons">
    <h3>{{ title }}</h3>
    <p v-for="reason in reasons" :key="reason.sentence">
      {{ reason.sentence }}
      <router-link v-if="reason.figure" class="says" :to="`/about#${reason.figure}`"
        >Says who?</router-link
      >
    </p>
  </div>
</template>

<style scoped>
.reasons {
  display: grid;
  gap: 6px;
}

h3 {
  font-size: 0.9375rem;
}
</style>
