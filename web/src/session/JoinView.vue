<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { NoAnswer, Refusal, request } from '../api/client'
import type { components } from '../api/schema'
import { isUsable } from './passkey'
import { loadSession, session, signedIn } from './session'

/** Where the link of an invitation leads: somebody of the shop comes in and chooses a password. */
document.title = 'Invitation – Variable Rotor'
const router = useRouter()
const token = location.hash.slice(1)
const invited = ref<components['schemas']['Invited'] | null>(null)
const password = ref('')
const shown = ref(false)
const fault = ref('')
const over = ref(false)
const busy = ref(false)

async function attempt(action: () => Promise<void>) {
  busy.value = true
  fault.value = ''
  try {
    await action()
  } catch (thrown) {
    if (!(thrown instanceof Refusal) && !(thrown instanceof NoAnswer)) throw thrown
    over.value = thrown instanceof Refusal && thrown.status === 409
    fault.value =
      thrown instanceof Refusal
        ? thrown.of('password') || thrown.message
        : 'No answer from the server. Try again.'
  } finally {
    busy.value = false
  }
}

onMounted(() =>
  attempt(async () => {
    await loadSession()
    invited.value = await request('POST', '/api/session/invited', { token })
  }),
)

const follow = () =>
  attempt(async () => {
    await signedIn('/api/session/invitation', { token, password: password.value })
    // The link holds no more, and is not kept in the browser's history.
    await router.replace(isUsable() ? '/shop#passkeys' : '/')
  })
</script>

<template>
  <main class="page join">
    <section class="card stack">
      <h1>Variable Rotor</h1>
      <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
      <p
        v-if="session.account && invited && session.account.login !== invited.login"
        class="notice"
      >
        {{ session.account.name }} is signed in on this device. Whoever goes on here is
        {{ invited.name }} from then on.
      </p>
      <form v-if="invited && !over" class="stack" @submit.prevent="follow">
        <p>
          <strong>{{ invited.name }}</strong>, choose a password. You sign in as
          <strong>{{ invited.login }}</strong> with it.
        </p>
        <input type="text" name="login" autocomplete="username" :value="invited.login" hidden />
        <label class="named">
          Password, 12 characters or more
          <el-input
            v-model="password"
            name="password"
            :type="shown ? 'text' : 'password'"
            autocomplete="new-password"
          />
        </label>
        <label class="tick">
          <input v-model="shown" type="checkbox" />
          Show it
        </label>
        <button type="submit" class="main-button" :disabled="busy">Come in</button>
      </form>
      <p v-if="over"><router-link class="says" to="/">To the sign-in</router-link></p>
    </section>
  </main>
</template>

<style scoped>
.join {
  max-width: 520px;
  padding-top: 32px;
}
</style>
