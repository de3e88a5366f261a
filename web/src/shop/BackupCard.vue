<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { components } from '../api/schema'
import { NoAnswer, Refusal, request } from '../api/client'
import { ago } from '../shared/time'

/** For leads: when everything was last copied to where a broken disk does not reach. */
const backups = ref<components['schemas']['Backups'] | null>(null)
const fault = ref('')

const size = (bytes: number) =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`

onMounted(async () => {
  try {
    backups.value = await request('GET', '/api/shop/keeping/backups')
  } catch (thrown) {
    if (!(thrown instanceof Refusal) && !(thrown instanceof NoAnswer)) throw thrown
    fault.value = thrown.message
  }
})
</script>

<template>
  <section class="card stack" aria-label="Backups">
    <h2>Backups</h2>
    <p v-if="fault" class="soft">{{ fault }}</p>
    <template v-else-if="backups && !backups.scheduled">
      <p class="notice failed">
        This program takes none by itself. Unless somebody else copies them, all calls and photos
        are lost if this machine’s disk breaks.
      </p>
      <p>
        Whoever keeps the machine starts it with <code>--backups FOLDER</code>, on another disk or
        machine, or takes one with <code>./rotor backup FILE</code>.
      </p>
    </template>
    <template v-else-if="backups">
      <p v-if="backups.taken" :class="{ notice: backups.late, failed: backups.late }">
        The last was taken {{ ago(backups.taken) }}: {{ size(backups.bytes)
        }}{{ backups.encrypted ? ', encrypted' : '' }}.
        <template v-if="backups.late">There should be one a day.</template>
      </p>
      <p v-else class="notice failed">None was taken yet.</p>
      <p v-if="backups.failed" class="notice failed">
        The last try failed, {{ ago(backups.failed) }}: backup.log beside the data says why.
      </p>
      <p class="soft">{{ backups.kept }} are kept in {{ backups.folder }}.</p>
    </template>
  </section>
</template>
