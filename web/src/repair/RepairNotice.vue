<script setup lang="ts">
import { useCall } from '../call/call'

/** Once hands are on the job, where it stands is the newest truth of the call, and no old verdict. */
const { call } = useCall()
</script>

<template>
  <p
    v-if="call.repair?.author || call.fit?.author"
    class="notice"
    :class="{ failed: call.repair?.state === 'FAILED' }"
    role="status"
  >
    {{ call.repair?.author ? 'Since the repair' : 'In hand' }}:
    <strong>{{ call.stand.sentence }}</strong>&#32;<router-link
      class="says"
      :to="`/calls/${call.id}/fit`"
      >To the repair</router-link
    >
  </p>
</template>
