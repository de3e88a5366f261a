<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { components } from '../api/schema'
import { NoAnswer, Refusal, request } from '../api/client'
import { ago } from '../shared/time'

/** For leads: how the machine stands that keeps the shop's calls, and what to do where it does not. */
const health = ref<components['schemas']['Health'] | null>(null)
const fault = ref('')
const busy = ref(false)

async function look() {
  busy.value = true
  fault.value = ''
  try {
    health.value = await request('GET', '/api/shop/keeping/health')
  } catch (thrown) {
    if (!(thrown instanceof Refusal) && !(thrown instanceof NoAnswer)) throw thrown
    fault.value = thrown.message
  } finally {
    busy.value = false
  }
}
onMounted(look)
</script>

<template>
  <section class="card stack" aria-labelledby="machine">
    <h2 id="machine">The machine that keeps it all</h2>
    <p v-if="fault" class="notice failed" role="alert">{{ fault }}</p>
    <template v-if="health">
      <p class="soft">
        Version {{ health.version }}, started {{ ago(health.since) }}.
        <router-link class="says" to="/shop/audit">Who did what</router-link>
      </p>
      <dl>
        <div v-for="sign in health.signs" :key="sign.what" :class="{ unwell: !sign.well }">
          <dt>{{ sign.what }}</dt>
          <dd><span v-if="!sign.well" class="mark">See to it: </span>{{ sign.says }}</dd>
        </div>
      </dl>
    </template>
    <button type="button" class="quiet-button" :disabled="busy" @click="look">Look again</button>
  </section>
</template>

<style scoped>
dl {
  margin: 0;
}

dl div {
  display: grid;
  grid-template-columns: minmax(120px, 1fr) 2.6fr;
  gap: 4px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

dt {
  font-weight: 650;
}

dd {
  margin: 0;
}

.unwell {
  padding-left: 10px;
  border-left: 4px solid var(--failed);
  background: var(--failed-soft);
}

.mark {
  font-weight: 650;
}

.quiet-button {
  justify-self: start;
}
</style>
