<script setup lang="ts">
import SignInAgain from './keep/SignInAgain.vue'
import { useIntervalFn } from '@vueuse/core'
import { watch } from 'vue'
import type { RouteLocationNormalizedLoaded } from 'vue-router'
import { trouble } from './api/client'
import { useRegisterSW } from 'virtual:pwa-register/vue'
import { old } from './keep/answers'
import { flush } from './keep/queue'
import { roomLeft } from './keep/room'
import { ago } from './shared/time'
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
/** From one call to another all is opened anew: nothing of the one is taken for the other's. */
const roomOf = ({ matched, params }: RouteLocationNormalizedLoaded) =>
  [matched[0]?.path, params.id, params.call].join(' ')

/** A newer version lies on this device; it comes in when somebody takes it, never by itself. */
const { needRefresh, updateServiceWorker } = useRegisterSW()
</script>

<template>
  <p v-if="needRefresh" class="newer" role="status">
    A newer version is here. What is entered stays.
    <button type="button" class="link-button" @click="updateServiceWorker(true)">
      Take it now
    </button>
    <button type="button" class="link-button" @click="needRefresh = false">Later</button>
  </p>
  <p v-if="old !== null && !trouble" class="old" role="status">
    No answer from the server: shown as it stood {{ ago(new Date(old).toISOString()) }}. What you
    enter is kept, and sent later.
  </p>
  <p v-if="roomLeft !== null" class="old" role="status">
    Little room is left on this device: {{ Math.round(roomLeft / 1e6) }} MB. Photos of calls are not
    kept on it until there is more; what you enter is.
  </p>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <p v-if="unreached" class="trouble" role="alert">
    That page is not on this device yet, and there is no connection. What is here stays.
    <button type="button" class="link-button" @click="void router.push(unreached)">
      Try again
    </button>
  </p>
  <router-view :key="roomOf($route)" />
  <SignInAgain v-if="session.ended" />
</template>

<style scoped>
.newer,
.old {
  margin: 0;
  padding: 6px 24px;
  background: var(--suspect-soft);
  color: var(--ink);
  border-bottom: 1px solid var(--suspect);
}

.newer .link-button {
  margin-left: 10px;
}

.trouble {
  margin: 0;
  padding: 8px 16px;
  border-bottom: 2px solid var(--failed);
  background: var(--failed-soft);
  color: var(--ink);
  text-align: center;
}
</style>
