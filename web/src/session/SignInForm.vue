<script setup lang="ts">
import { computed, ref } from 'vue'
import { Refusal } from '../api/client'
import { isUsable, NotUnlocked, signInByPasskey, wasUsedHere } from './passkey'
import { loadSession, session, signIn } from './session'

const props = defineProps<{ known?: string }>()
const emit = defineEmits<{ done: [] }>()

const login = ref(props.known ?? '')
const password = ref('')
const fault = ref('')
const busy = ref(false)

const byLock = computed(isUsable)

async function attempt(way: () => Promise<void>) {
  busy.value = true
  fault.value = ''
  try {
    await way()
    emit('done')
  } catch (refused) {
    fault.value =
      refused instanceof Refusal || refused instanceof NotUnlocked
        ? refused.message
        : 'No answer. Is the server running?'
  } finally {
    busy.value = false
  }
}

const submit = () => attempt(() => signIn(login.value, password.value))
const unlock = () =>
  attempt(async () => {
    await loadSession()
    await signInByPasskey()
  })

async function useDemo(account: { login: string; password: string }) {
  login.value = account.login
  password.value = account.password
  await submit()
}
</script>

<template>
  <form class="stack" @submit.prevent="submit">
    <button
      v-if="byLock && wasUsedHere()"
      type="button"
      class="main-button"
      :disabled="busy"
      @click="unlock"
    >
      Sign in by this device’s lock
    </button>
    <label class="named">
      Name
      <el-input v-model="login" name="login" autocomplete="username" autocapitalize="none" />
    </label>
    <label class="named">
      Password
      <el-input
        v-model="password"
        name="password"
        type="password"
        autocomplete="current-password"
      />
    </label>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <button
      type="submit"
      :class="byLock && wasUsedHere() ? 'quiet-button' : 'main-button'"
      :disabled="busy"
    >
      Sign in
    </button>
    <button
      v-if="byLock && !wasUsedHere()"
      type="button"
      class="quiet-button"
      :disabled="busy"
      @click="unlock"
    >
      Sign in by this device’s lock
    </button>
    <div v-if="session.demo.length" class="demo stack">
      <p class="soft">Demo shop. Sign in as</p>
      <button
        v-for="account in session.demo"
        :key="account.login"
        type="button"
        class="quiet-button"
        @click="useDemo(account)"
      >
        {{ account.name }}
        <span class="soft"
          >{{ account.role === 'LEAD' ? 'lead' : 'technician' }}, {{ account.login }} /
          {{ account.password }}</span
        >
      </button>
    </div>
  </form>
</template>

<style scoped>
.demo {
  border-top: 1px solid var(--rule);
  padding-top: 14px;
  gap: 8px;
}

.demo button {
  text-align: left;
  padding: 8px 14px;
}

.demo span {
  display: block;
  font-weight: 400;
  font-size: 0.875rem;
}
</style>
