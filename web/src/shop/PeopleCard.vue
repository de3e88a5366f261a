<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { AccountRow } from '../api/types'
import type { components } from '../api/schema'
import { get, NoAnswer, Refusal, request } from '../api/client'
import { session } from '../session/session'
import { clock, day } from '../shared/time'

/** For leads: who is of the shop, what each may do, and how they come in. */
type Invitation = components['schemas']['Invitation']
const people = ref<AccountRow[]>([])
const person = ref({ login: '', name: '', password: '', role: 'TECHNICIAN' })
const fault = ref('')
const said = ref('')

async function attempt(action: () => Promise<void>) {
  fault.value = ''
  said.value = ''
  try {
    await action()
  } catch (thrown) {
    if (thrown instanceof Refusal && thrown.status === 401) session.ended = true
    if (!(thrown instanceof Refusal) && !(thrown instanceof NoAnswer)) throw thrown
    fault.value = thrown.message
  }
}

onMounted(() =>
  attempt(async () => {
    people.value = await get<AccountRow[]>('/api/accounts')
  }),
)

/** Everything of an account is told again, with what changes. */
async function put(
  one: AccountRow,
  change: Partial<AccountRow> & { password?: string; own?: string },
) {
  const { name, role, closed, keepsBooks } = one
  people.value = await request<AccountRow[]>('PUT', `/api/accounts/${one.id}`, {
    name,
    role,
    closed,
    keepsBooks,
    ...change,
  })
}

/** The link of somebody who is to come in, shown this once. */
const invited = ref<{ name: string; invitation: Invitation } | null>(null)
const link = computed(() => {
  const made = invited.value?.invitation
  return made && (made.link ?? location.origin + made.path)
})
/** Whether it is of use on the server's own machine alone. */
const isHere = computed(() =>
  ['localhost', '127.0.0.1', '[::1]'].includes(new URL(link.value ?? location.href).hostname),
)
const copied = ref(false)

async function invite(one: { id: string; name: string }, own?: string) {
  const invitation = await request<Invitation>('POST', `/api/accounts/${one.id}/invitations`, {
    own,
  })
  invited.value = { name: one.name, invitation }
  copied.value = false
}

const copy = () =>
  attempt(async () => {
    await navigator.clipboard.writeText(link.value!)
    copied.value = true
  })

const add = () =>
  attempt(async () => {
    const { password, ...told } = person.value
    const id = crypto.randomUUID()
    people.value = await request<AccountRow[]>('PUT', `/api/accounts/${id}`, {
      ...told,
      ...(password && { password }),
    })
    person.value = { login: '', name: '', password: '', role: 'TECHNICIAN' }
    said.value = `${told.name} is added.`
    if (!password) await invite({ id, name: told.name })
  })

/** Closed, nobody signs in as this one any more; what they made stays. */
const close = (one: AccountRow, closed: boolean) =>
  attempt(async () => {
    await put(one, { closed })
    said.value = closed ? `${one.name} is closed.` : `${one.name} is open again.`
  })

/** Whoever keeps the code books brings them in, changes them and takes them away. */
const letKeepBooks = (one: AccountRow, keepsBooks: boolean) =>
  attempt(async () => {
    await put(one, { keepsBooks })
    said.value = keepsBooks
      ? `${one.name} keeps the code books from now on, and signs in anew.`
      : `${one.name} keeps the code books no more, and signs in anew.`
  })

/** Somebody is to come in anew: whoever sees to that says the own password again. */
const anew = ref<{ id: string; password: string; own: string } | null>(null)
const setPassword = (one: AccountRow) =>
  attempt(async () => {
    const { password, own } = anew.value!
    await put(one, { password, own })
    anew.value = null
    said.value = `${one.name} has another password, and signs in anew.`
  })
const inviteAnew = (one: AccountRow) =>
  attempt(async () => {
    await invite(one, anew.value!.own)
    anew.value = null
  })

const standing = (one: AccountRow) =>
  [
    one.login,
    one.role === 'LEAD' ? 'lead' : 'technician',
    one.closed ? 'closed' : one.hasPassword ? '' : 'has not come in yet',
    one.passkeys ? (one.passkeys === 1 ? 'one passkey' : `${one.passkeys} passkeys`) : '',
    one.passwordEnough ? '' : 'a password is not enough',
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <section class="card stack" aria-labelledby="people">
    <h2 id="people">People</h2>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <p v-if="said" role="status">{{ said }}</p>
    <ul class="plain">
      <li v-for="one in people" :key="one.id">
        <strong>{{ one.name }}</strong>
        <span class="soft">{{ standing(one) }}</span>
        <label v-if="one.role !== 'LEAD' && !one.closed" class="tick books">
          <input
            type="checkbox"
            :checked="one.keepsBooks"
            :aria-label="`${one.name} keeps the code books`"
            @change="letKeepBooks(one, !one.keepsBooks)"
          />
          Keeps the code books
        </label>
        <span class="does">
          <button
            type="button"
            class="link-button"
            :aria-label="`${one.closed ? 'Open again' : 'Close'}: ${one.name}`"
            @click="close(one, !one.closed)"
          >
            {{ one.closed ? 'Open again' : 'Close' }}
          </button>
          <button
            v-if="!one.closed && one.id !== session.account?.id"
            type="button"
            class="link-button"
            :aria-expanded="anew?.id === one.id"
            :aria-label="`${one.hasPassword ? 'New password or link' : 'Link'}: ${one.name}`"
            @click="anew = anew?.id === one.id ? null : { id: one.id, password: '', own: '' }"
          >
            {{ one.hasPassword ? 'New password or link' : 'Link' }}
          </button>
        </span>
        <form
          v-if="anew?.id === one.id"
          class="anew stack"
          :aria-label="`How ${one.name} comes in anew`"
          @submit.prevent="setPassword(one)"
        >
          <p class="soft">What let {{ one.name }} in before, passkeys too, does so no more.</p>
          <label v-if="one.hasPassword" class="named">
            Your own password
            <el-input
              v-model="anew.own"
              name="anewOwn"
              type="password"
              autocomplete="current-password"
            />
          </label>
          <label class="named">
            New for {{ one.name }}, 12 characters or more
            <el-input
              v-model="anew.password"
              name="anewPassword"
              type="password"
              autocomplete="new-password"
            />
          </label>
          <div class="row">
            <button type="submit" class="quiet-button">Set it</button>
            <button type="button" class="quiet-button" @click="inviteAnew(one)">
              Make a link instead
            </button>
          </div>
        </form>
      </li>
    </ul>
    <div v-if="invited && link" class="notice invited" role="status">
      <p>
        {{ invited.name }} comes in by this link, once, until {{ day(invited.invitation.until) }},
        {{ clock(invited.invitation.until) }}. Whoever has it comes in as {{ invited.name }}: send
        it to nobody else. It is shown this once.
        <template v-if="isHere">
          It leads to this machine and works on it alone: on a telephone it would find nothing.
        </template>
      </p>
      <img
        v-if="invited.invitation.picture"
        :src="`data:image/svg+xml,${encodeURIComponent(invited.invitation.picture)}`"
        :alt="`The link for ${invited.name} as a QR code`"
        width="180"
        height="180"
      />
      <p>
        <code>{{ link }}</code>
      </p>
      <p class="row">
        <button type="button" class="quiet-button" @click="copy">
          {{ copied ? 'Copied' : 'Copy it' }}
        </button>
        <button type="button" class="link-button" @click="invited = null">Done</button>
      </p>
    </div>
    <form class="person stack" @submit.prevent="add">
      <label class="named">Name <el-input v-model="person.name" name="personName" /></label>
      <label class="named">
        Sign-in name <el-input v-model="person.login" name="personLogin" autocapitalize="none" />
      </label>
      <label class="named">
        First password, 12 characters or more; left empty, a link lets them choose one
        <el-input
          v-model="person.password"
          name="personPassword"
          type="password"
          autocomplete="new-password"
        />
      </label>
      <div class="roles row" role="group" aria-label="Role">
        <button
          v-for="role in ['TECHNICIAN', 'LEAD']"
          :key="role"
          type="button"
          class="quiet-button"
          :aria-pressed="person.role === role"
          @click="person.role = role"
        >
          {{ role === 'LEAD' ? 'Lead' : 'Technician' }}
        </button>
      </div>
      <button type="submit" class="quiet-button">Add</button>
    </form>
  </section>
</template>

<style scoped>
.invited {
  display: grid;
  gap: 10px;
}

.invited code {
  overflow-wrap: anywhere;
}

.invited img {
  background: #fff;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
}

.anew {
  flex: 1 0 100%;
}

.books {
  flex: 1 0 210px;
}

.does {
  display: flex;
  gap: 14px;
  margin-left: auto;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

.roles {
  display: flex;
  gap: 8px;
}

.quiet-button {
  justify-self: start;
}
</style>
