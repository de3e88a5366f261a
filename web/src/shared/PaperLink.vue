<script setup lang="ts">
import { computed } from 'vue'
import { hasRadio } from '../keep/radio'
import { waiting } from '../keep/queue'

/** A paper of a call as a file that the shop's server makes: not without a radio. */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ href: string; call: string }>()

const unsent = computed(() => waiting().some((save) => save.call === props.call))
</script>

<template>
  <span v-if="!hasRadio" class="soft"
    ><slot />: the shop’s server makes it, once there is a connection.</span
  >
  <span v-else class="paper">
    <a v-bind="$attrs" :href="href" target="_blank" rel="noopener"><slot /></a>
    <span v-if="unsent" class="soft"> What is not sent yet is not on it.</span>
  </span>
</template>

<style scoped>
.paper {
  display: grid;
  gap: 4px;
}
</style>
