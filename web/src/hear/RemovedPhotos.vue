<script setup lang="ts">
import { ref, watch } from 'vue'
import type { components } from '../api/schema'
import { NoAnswer, Refusal, request } from '../api/client'
import { useCall } from '../call/call'
import { photoTitle } from '../catalogue/catalogue'
import { session } from '../session/session'
import { day } from '../shared/time'

/** Photos that were taken away: a lead erases for good what must not be kept. */
type Removed = components['schemas']['Removed']

const { call } = useCall()
const path = () => `/api/calls/${call.value.id}/removed-photos`

const open = ref(false)
const removed = ref<Removed[] | null>(null)
const chosen = ref<Removed | null>(null)
const reason = ref('')
const fault = ref('')
const busy = ref(false)

async function ask(work: () => Promise<Removed[]>) {
  fault.value = ''
  busy.value = true
  try {
    removed.value = await work()
    chosen.value = null
    reason.value = ''
  } catch (thrown) {
    if (!(thrown instanceof Refusal) && !(thrown instanceof NoAnswer)) throw thrown
    fault.value =
      thrown instanceof Refusal
        ? thrown.of('reason')
          ? `Why: ${thrown.of('reason')}`
          : thrown.message
        : 'No answer from the server: erasing waits for a connection. Nothing was erased as far as is known.'
  } finally {
    busy.value = false
  }
}

const look = () => ask(() => request<Removed[]>('GET', path()))
const erase = (one: Removed) =>
  ask(() =>
    request<Removed[]>('PUT', `${path()}/${one.id}/erasures/${crypto.randomUUID()}`, {
      reason: reason.value,
    }),
  )

// What is taken away meanwhile belongs to the list.
watch(
  () => [open.value, call.value.photos.length],
  () => {
    if (open.value) void look()
  },
)
</script>

<template>
  <details
    v-if="session.account?.role === 'LEAD'"
    class="fold"
    @toggle="open = ($event.target as HTMLDetailsElement).open"
  >
    <summary><h2>Photos that were taken away</h2></summary>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <p v-if="removed && !removed.length" class="soft">None on this call.</p>
    <ul v-if="removed?.length">
      <li v-for="one in removed" :key="one.id">
        <span>
          {{ photoTitle(one.kind) }}, by {{ one.author }}; taken away by {{ one.removedBy }},
          {{ day(one.removedAt) }}
        </span>
        <span v-if="one.erased" class="soft">Erased.</span>
        <template v-else>
          <img :src="`/api/calls/${call.id}/photos/${one.id}`" :alt="photoTitle(one.kind)" />
          <form v-if="chosen?.id === one.id" @submit.prevent="erase(one)">
            <p>
              The picture is gone for good then, for everybody. Who took it, who erased it and why
              stays. Papers made of it before, backups, and devices that have not looked since,
              still have it.
            </p>
            <label>
              Why
              <el-input v-model="reason" name="reason" maxlength="200" autocomplete="off" />
            </label>
            <div class="row">
              <button type="submit" class="main-button" :disabled="busy">Erase the picture</button>
              <button type="button" class="quiet-button" @click="chosen = null">Leave it</button>
            </div>
          </form>
          <button v-else type="button" class="link-button" @click="chosen = one">Erase it…</button>
        </template>
      </li>
    </ul>
  </details>
</template>

<style scoped>
ul {
  display: grid;
  gap: 14px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

li,
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}

label {
  display: grid;
  gap: 4px;
  width: min(420px, 100%);
}

img {
  max-width: 220px;
  max-height: 160px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
