<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { components } from '../api/schema'
import { NoAnswer, Refusal, request } from '../api/client'
import { isUsable, makePasskey, NotUnlocked } from '../session/passkey'
import { session } from '../session/session'
import { ago } from '../shared/time'

type PasskeysView = components['schemas']['PasskeysView']
type Passkey = PasskeysView['passkeys'][number]

/** One's own devices whose lock signs in; each is ended by itself. */
const view = ref<PasskeysView | null>(null)
const name = ref('')
const own = ref('')
const ending = ref('')
const fault = ref('')
const said = ref('')
const usable = isUsable()
const at = location.origin
const host = computed(() => (session.passkeysAt ? new URL(session.passkeysAt).hostname : ''))
const here = computed(() => view.value?.passkeys.filter((one) => one.host === host.value) ?? [])

async function attempt(action: () => Promise<void>) {
  fault.value = ''
  said.value = ''
  try {
    await action()
  } catch (thrown) {
    if (thrown instanceof Refusal && thrown.status === 401) session.ended = true
    const told =
      thrown instanceof Refusal || thrown instanceof NoAnswer || thrown instanceof NotUnlocked
    if (!told) throw thrown
    fault.value = thrown.message
  }
}

onMounted(() =>
  attempt(async () => {
    view.value = await request('GET', '/api/passkeys')
  }),
)

const make = () =>
  attempt(async () => {
    const called = name.value.trim()
    view.value = await makePasskey(called, own.value)
    name.value = ''
    own.value = ''
    said.value = `${called} signs you in from now on.`
  })

const end = (one: Passkey) =>
  attempt(async () => {
    view.value = await request('DELETE', `/api/passkeys/${one.id}`)
    ending.value = ''
    said.value = `${one.name} signs you in no more. You are signed out everywhere but here.`
  })

const letPasswordBeEnough = (enough: boolean) =>
  attempt(async () => {
    view.value = await request('PUT', '/api/passkeys/password-enough', { own: own.value, enough })
    own.value = ''
    said.value = enough
      ? 'A password is enough again.'
      : 'From now on a password is not enough: you sign in by one of these devices.'
  })
</script>

<template>
  <section v-if="view" id="passkeys" class="card stack" aria-labelledby="passkeys-title">
    <h2 id="passkeys-title">Signing in by a device’s lock</h2>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="!usable" class="soft">
      <template v-if="session.passkeysAt && session.passkeysAt !== at">
        Finger, face or number instead of a password (a passkey): at
        <a :href="`${session.passkeysAt}/shop#passkeys`">{{ session.passkeysAt }}</a> alone, not
        where this page is open.
      </template>
      <template v-else>
        Finger, face or number instead of a password (a passkey) need the page to be opened by a
        name and over TLS, in a browser that can: whoever keeps the machine sets that up.
      </template>
    </p>
    <ul v-if="view.passkeys.length" class="plain">
      <li v-for="one in view.passkeys" :key="one.id">
        <strong>{{ one.name }}</strong>
        <span class="soft">
          made {{ ago(one.madeAt) }}, {{ one.usedAt ? `used ${ago(one.usedAt)}` : 'not used yet'
          }}{{ one.host === host ? '' : `; of use at ${one.host} alone` }}
        </span>
        <button
          type="button"
          class="link-button"
          :aria-expanded="ending === one.id"
          :aria-label="`End: ${one.name}`"
          @click="ending = ending === one.id ? '' : one.id"
        >
          End
        </button>
        <p v-if="ending === one.id" class="ending">
          It signs you in no more, and you are signed out everywhere but here.
          <button type="button" class="quiet-button" @click="end(one)">End {{ one.name }}</button>
        </p>
      </li>
    </ul>
    <form v-if="usable || here.length" class="stack" @submit.prevent="make">
      <label class="named">
        Your password
        <el-input v-model="own" name="passkeyOwn" type="password" autocomplete="current-password" />
        <span class="soft">Asked again, so that an open screen is not enough.</span>
      </label>
      <template v-if="usable">
        <label class="named">
          What you call this device
          <el-input
            v-model="name"
            name="passkeyName"
            maxlength="60"
            autocomplete="off"
            placeholder="such as Telephone"
          />
        </label>
        <button type="submit" class="quiet-button">Let its lock sign me in</button>
      </template>
      <button
        v-if="here.length || !view.passwordEnough"
        type="button"
        class="link-button"
        @click="letPasswordBeEnough(!view.passwordEnough)"
      >
        {{
          view.passwordEnough
            ? 'Let a password alone sign me in no more'
            : 'Let a password be enough again'
        }}
      </button>
      <p v-if="!view.passwordEnough" class="soft">
        A password is not enough: who has it, but none of these devices, does not get in. If all are
        lost, a lead invites you anew.
      </p>
    </form>
  </section>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 8px 0;
}

li .soft {
  flex: 1 0 180px;
}

.ending {
  flex: 1 0 100%;
}

.ending {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-top: 8px;
}

.link-button {
  justify-self: start;
}
</style>
