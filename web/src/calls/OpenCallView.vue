<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { Refusal, request } from '../api/client'
import type { Call, Particulars } from '../api/types'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import ParticularsForm from '../hear/ParticularsForm.vue'
import { onSent, send } from '../keep/queue'
import FileButton from '../shared/FileButton.vue'
import TopBar from '../shared/TopBar.vue'

const router = useRouter()
const fault = ref('')
const refusal = ref<Refusal | null>(null)
const busy = ref(false)
/** What is sent from this form again takes the place of what was refused. */
const form = crypto.randomUUID()
const told = ref<Particulars>({
  place: '',
  unitName: '',
  complaint: '',
  symptom: 'NO_RUN',
  unit: { heating: [] },
  motor: {},
} as unknown as Particulars)

onMounted(() => loadCatalogue().catch(() => (fault.value = 'No answer from the server.')))

async function open() {
  refusal.value = null
  fault.value = ''
  const missing = [
    ...(told.value.place.trim() ? [] : [{ path: 'place', message: 'Say where it is.' }]),
    ...(told.value.motor.family ? [] : [{ path: 'motor.family', message: 'Say which motor.' }]),
  ]
  if (missing.length) {
    refusal.value = new Refusal(422, missing.map((one) => one.message).join(' '), missing)
    return
  }
  const call = crypto.randomUUID()
  busy.value = true
  const stop = onSent((save, _result, refused) => {
    if (save.id !== call) return
    stop()
    if (refused) refusal.value = refused
    else void router.push(`/calls/${call}/hear`)
    busy.value = false
  })
  await send({
    id: call,
    path: `/api/calls/${call}`,
    body: told.value,
    label: `The new call, ${told.value.place}`,
    call,
    form,
  })
  // Without a radio the call goes on here, and is sent later.
  if (busy.value) await router.push(`/calls/${call}/hear`)
}

const bringing = ref(false)
/** A call that was packed into one file, here or by another shop. */
async function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  refusal.value = null
  fault.value = ''
  bringing.value = true
  try {
    const zip = new Blob([file], { type: 'application/zip' })
    const call = await request<Call>('PUT', `/api/call-files/${crypto.randomUUID()}`, zip)
    await router.push(`/calls/${call.id}/hand-over`)
  } catch (failed) {
    fault.value =
      failed instanceof Refusal
        ? failed.message
        : 'No answer. The same file once more changes nothing where it has arrived.'
  } finally {
    bringing.value = false
  }
}
</script>

<template>
  <TopBar title="Open a call" />
  <main class="page">
    <form class="card open" @submit.prevent="open">
      <ParticularsForm v-if="catalogue" v-model="told" :refusal="refusal" brief />
      <p v-if="refusal || fault" class="notice failed" role="alert">
        {{ refusal?.message ?? fault }}
      </p>
      <div class="actions">
        <button type="submit" class="main-button" :disabled="busy">Open the call</button>
        <router-link to="/">Not now</router-link>
        <FileButton
          class="from-file"
          :title="bringing ? 'Bringing it in…' : 'Bring in a call file (ZIP)'"
          accept=".zip,application/zip"
          :disabled="bringing"
          @file="bringIn"
        />
      </div>
    </form>
  </main>
</template>

<style scoped>
.open {
  display: grid;
  gap: 20px;
  max-width: 780px;
  margin: 0 auto;
}

.from-file {
  margin-left: auto;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 20px;
}
</style>
