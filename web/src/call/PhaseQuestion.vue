<script setup lang="ts">
import { useCall } from './call'

/** Once a way forward is chosen: is it still the machine as it was found that is measured? */
const { call, phase, say } = useCall()
</script>

<template>
  <fieldset v-if="phase === null" class="question">
    <legend>A way forward is chosen. What are you measuring now?</legend>
    <div class="options">
      <button type="button" class="quiet-button" @click="say('BEFORE')">
        The machine as it was found
      </button>
      <button type="button" class="quiet-button" @click="say('AFTER')">
        It is repaired: the new part
      </button>
    </div>
    <p class="soft">Readings after the repair are kept apart, and leave the verdict as it is.</p>
  </fieldset>
  <p v-else-if="call.decisions.length" class="soft">
    {{ phase === 'AFTER' ? 'Kept as taken after the repair.' : 'Kept as taken before the repair.' }}
    <button type="button" class="link-button" @click="say(null)">Change</button>
  </p>
</template>
