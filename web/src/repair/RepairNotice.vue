<script setup lang="ts">
import { useCall } from '../call/call'

/** Once the repair is looked at, that is the newest truth of the call, and not the old verdict. */
const { call } = useCall()
</script>

<template>
  <p
    v-if="call.repair?.author"
    class="notice"
    :class="{ failed: call.repair.state === 'FAILED' }"
    role="status"
  >
    Since the repair: <strong>{{ call.repair.headline }}</strong>
    <router-link class="says" :to="`/calls/${call.id}/fit`">To the repair</router-link>
  </p>
</template>
