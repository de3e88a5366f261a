<script setup lang="ts">
import SignInAgain from './keep/SignInAgain.vue'
import { useIntervalFn } from '@vueuse/core'
import { watch } from 'vue'
import { trouble } from './api/client'
import { flush } from './keep/queue'
import { router, unreached } from './router'
import { loadSession, session } from './session/session'

/** How often a server in trouble is asked whether it is well again [ms]. */
const ASK_MS = 3000

const asks = useIntervalFn(() => void loadSession().catch(() => {}), ASK_MS, { immediate: false })
watch(trouble, (now) => {
  if (now) asks.resume()
  else {
    asks.pause()
    // The first page was never reached.
    if (!router.currentRoute.value.matched.length) {
      void router.replace(location.pathname + location.search)
    }
    void flush()
  }
})
</script>

<template>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <p v-if="unreached" class="trouble" role="alert">
    That page is not on this device yet, and there is no connection. What is here stays.
    <button type="button" class="link-button" @click="void router.push(unreached)">
      Try again
    </button>
  </p>
  <router-view />
  <SignInAgain v-if="session.ended" />
</template>

<style scoped>
.trouble {
  margin: 0;
  padding: 8px 16px;
  border-bottom: 2px solid var(--failed);
  background: var(--failed-soft);
  color: var(--ink);
  text-align: center;
}
</style>
