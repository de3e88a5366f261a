<script setup lang="ts">
import { clock } from './time'

/** What this version does not know any more, as it was told: never lost, and never believed. */
defineProps<{ lines: { what: string; said: string; author?: string; at?: string }[] }>()
</script>

<template>
  <div v-if="lines.length" class="as-told" role="note">
    <p>
      Told in words that this version does not know. It is kept as it was told, and nothing is
      concluded from it.
    </p>
    <dl class="plain">
      <div v-for="(one, at) in lines" :key="at">
        <dt>{{ one.what }}</dt>
        <dd>{{ one.said }}</dd>
        <dd v-if="one.author && one.at" class="soft">{{ clock(one.at) }}, {{ one.author }}</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.as-told {
  margin-top: 12px;
  padding: 10px 14px;
  border-left: 5px solid var(--rule);
  font-size: 0.9375rem;
}

dl {
  margin: 8px 0 0;
}

dl div {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  padding: 4px 0;
  overflow-wrap: anywhere;
}

dd {
  margin: 0;
  font-weight: 600;
}

.soft {
  margin-left: auto;
  font-weight: 400;
}
</style>
